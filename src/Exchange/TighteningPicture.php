<?php

declare(strict_types=1);

namespace FreshTack\Exchange;

use FreshTack\Core\Fastening\Pattern;

/** In which order and in which stages the fasteners of a joint are tightened, drawn for paper. */
final readonly class TighteningPicture
{
    /** By pattern: where the fasteners sit, in the order in which they are tightened, in a square of 100. */
    private const PLACES = [
        'alternate' => [[20, 30], [80, 70], [80, 30], [20, 70]],
        'cross' => [[20, 20], [80, 80], [80, 20], [20, 80]],
        'spiral' => [[50, 50], [80, 50], [50, 82], [20, 50], [50, 18], [82, 20], [82, 82], [18, 82], [18, 20]],
    ];

    /** @return string|null as a data address; null where any order will do */
    public static function of(string $pattern): ?string
    {
        $places = self::PLACES[Pattern::tryFrom($pattern)->value ?? ''] ?? null;
        if (null === $places) {
            return null;
        }
        $line = implode(' ', array_map(static fn (array $place): string => $place[0].','.$place[1], $places));
        $dots = '';
        foreach ($places as $index => [$x, $y]) {
            $dots .= \sprintf('<circle cx="%d" cy="%d" r="11" fill="#fff" stroke="#000" stroke-width="2"/><text x="%d" y="%d" font-size="14" text-anchor="middle">%d</text>', $x, $y, $x, $y + 5, $index + 1);
        }

        return self::image(100, 100, '<polyline points="'.$line.'" fill="none" stroke="#777" stroke-width="1.5"/>'.$dots);
    }

    /**
     * All fasteners to the first torque, then all to the next: as stairs.
     *
     * @param non-empty-list<string> $stages figures in one unit
     */
    public static function stages(array $stages): string
    {
        $count = \count($stages);
        $path = 'M4 60';
        $words = '';
        foreach ($stages as $index => $stage) {
            [$left, $right, $top] = [4 + intdiv(132 * $index, $count), 4 + intdiv(132 * ($index + 1), $count), 60 - intdiv(42 * ($index + 1), $count)];
            $path .= "V{$top}H{$right}";
            $words .= \sprintf('<text x="%d" y="%d" font-size="13" text-anchor="middle">%s</text>', intdiv($left + $right, 2), $top - 3, htmlspecialchars($stage, \ENT_XML1));
        }

        return self::image(140, 64, '<path d="'.$path.'V60Z" fill="#ddd" stroke="#000" stroke-width="1.5"/>'.$words);
    }

    private static function image(int $width, int $height, string $content): string
    {
        return 'data:image/svg+xml;base64,'.base64_encode("<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"$width\" height=\"$height\" viewBox=\"0 0 $width $height\">$content</svg>");
    }
}
