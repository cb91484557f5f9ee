<?php

declare(strict_types=1);

namespace FreshTack\Exchange;

use FreshTack\Core\Fastening\Pattern;

/** The order in which the fasteners of a joint are tightened, drawn for paper. */
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

        return 'data:image/svg+xml;base64,'.base64_encode('<svg xmlns="http://www.w3.org/2000/svg" width="100" height="100" viewBox="0 0 100 100"><polyline points="'.$line.'" fill="none" stroke="#777" stroke-width="1.5"/>'.$dots.'</svg>');
    }
}
