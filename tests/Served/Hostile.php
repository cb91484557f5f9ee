<?php

declare(strict_types=1);

namespace FreshTack\Tests\Served;

use Random\Randomizer;

/** Values that nobody should send, and everything that is done to a body that somebody could. */
final readonly class Hostile
{
    public function __construct(private Randomizer $random)
    {
    }

    /** One place of a body is changed, or the text of the whole. */
    public function body(mixed $body): string
    {
        if (\is_string($body)) {
            return $this->text($body);
        }
        $times = $this->random->getInt(1, 2);
        for ($count = 0; $count < $times; ++$count) {
            $body = $this->changed($body);
        }
        $json = json_encode(
            [] === $body ? new \stdClass() : $body,
            \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_PARTIAL_OUTPUT_ON_ERROR | \JSON_INVALID_UTF8_SUBSTITUTE,
        );

        return strtr(
            (string) $json,
            [
                '"@1e999"' => '1e999',
                '"@-1e999"' => '-1e999',
                '"@big"' => str_repeat('9', 400),
                '"@bytes"' => "\"\xC3\x28\xFF\"",
                '"@surrogate"' => '"\ud800"',
                '"@twice"' => '1, "version": 2',
            ],
        );
    }

    /** What may stand in an address in place of a number or a word. */
    public function word(): string
    {
        return rawurlencode($this->pick([
            '0',
            '-1',
            '1.5',
            '2147483648',
            '4294967296',
            '99999999999999999999',
            "\u{0661}",
            'abc',
            "a\0b",
            "\xFF\xFE",
            str_repeat('x', 3000),
            "' OR 1=1 --",
            '<script>',
            '%',
            '_',
            '..',
            "\u{202E}",
            'NaN',
            '1e5',
            ' ',
            '',
            'true',
            '2026-02-30',
        ]));
    }

    private function text(string $text): string
    {
        return match ($this->random->getInt(0, 9)) {
            0 => '',
            1 => substr($text, 0, intdiv(\strlen($text), 2)),
            2 => "\xEF\xBB\xBF".$text,
            3 => str_replace(',', ';', $text),
            4 => $text."\xC3\x28",
            5 => str_replace(',', ",\0", $text),
            6 => $text.$text,
            7 => strtoupper($text),
            8 => preg_replace('/\d+/', $this->word(), $text) ?? '',
            default => str_repeat($text, 50),
        };
    }

    private function changed(mixed $body): mixed
    {
        if (!\is_array($body) || [] === $body || $this->chance(15)) {
            return $this->value();
        }
        $keys = array_keys($body);
        $key = $keys[$this->random->getInt(0, \count($keys) - 1)];
        if ($this->chance(12)) {
            return array_diff_key($body, [$key => 0]);
        }
        if ($this->chance(8)) {
            return [...$body, $this->pick(['extra', '__proto__', '', "k\0", str_repeat('k', 5000), '~/', '0']) => $this->value()];
        }

        return [...$body, $key => $this->changed($body[$key])];
    }

    private function value(): mixed
    {
        return $this->pick([
            null, true, false, 0, -1, 1, 1.5, -0.0, 4294967296, \PHP_INT_MAX, \PHP_INT_MIN, 1e20, 'x', '', ' ', [], [[]],
            [null], new \stdClass(), ['a' => 1],
            '@1e999', '@-1e999', '@big', '@bytes', '@surrogate', '@twice',
            'NaN', '1e999', '-5', '1,5', '0x10', '９', "a\0b", "a\nb", "\u{0007}", "\u{202E}abc", "\u{1F6A4}", "\u{FEFF}",
            str_repeat("\u{1F6A4}", 41), "e\u{0301}",
            str_repeat('x', 31), str_repeat('x', 61), str_repeat('x', 81), str_repeat('x', 121), str_repeat('x', 201),
            str_repeat('x', 501), str_repeat('x', 2001), str_repeat('x', 70_000),
            '0000-00-00', '0000-01-01', '9999-12-31', '2026-02-30', "2026-03-18\0", '-0001-01-01', '2026-03-18T00:00:00Z',
            "' OR '1'='1", '"; DROP TABLE boat; --', '<script>alert(1)</script>', '{{ 7*7 }}', '../../etc/passwd',
            '%s%n', '=HYPERLINK(1)', 'engine_oil', 'draft', 'nm', 'l',
            array_fill(0, 600, 1), array_fill(0, 600, 'x'), $this->deep(60),
        ]);
    }

    /** @return array<mixed> */
    private function deep(int $levels): array
    {
        return 0 === $levels ? [] : [$this->deep($levels - 1)];
    }

    /**
     * @template T
     *
     * @param non-empty-list<T> $choices
     *
     * @return T
     */
    private function pick(array $choices): mixed
    {
        return $choices[$this->random->getInt(0, \count($choices) - 1)];
    }

    private function chance(int $percent): bool
    {
        return $this->random->getInt(1, 100) <= $percent;
    }
}
