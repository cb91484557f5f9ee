<?php

declare(strict_types=1);

namespace FreshTack\Storage;

/** Words as the search compares them: without case, accents and marks. */
final readonly class SearchWords
{
    private const LONGEST = 24;
    public const SHORTEST_INSIDE = 3;

    /** @return list<string> of letters and digits, each once */
    public static function of(string $text): array
    {
        $plain = transliterator_transliterate('Any-Latin; Latin-ASCII; Lower()', $text);
        preg_match_all('/[a-z0-9]+/', false === $plain ? strtolower($text) : $plain, $found);

        return array_values(array_unique(array_map(static fn (string $word): string => substr($word, 0, self::LONGEST), $found[0])));
    }

    /**
     * @param list<string> $names  of which every word is found, with and without its apostrophes
     * @param list<string> $plates numbers that are found with and without their spaces and hyphens
     *
     * @return array<int|string, bool> by piece: whether it begins inside a word only
     */
    public static function pieces(array $names, array $plates): array
    {
        $plain = array_map(static fn (string $name): string => (string) preg_replace('/[\'’ʼ`]/u', '', $name), $names);
        $joined = array_map(static fn (string $plate): string => substr(implode('', self::of($plate)), 0, self::LONGEST), $plates);
        $words = array_merge($joined, ...array_map(self::of(...), [...$names, ...$plain, ...$plates]));
        $pieces = [];
        foreach ($words as $word) {
            for ($start = 1; $start <= \strlen($word) - self::SHORTEST_INSIDE; ++$start) {
                $pieces[substr($word, $start)] ??= true;
            }
        }
        foreach ($words as $word) {
            $pieces[$word] = false;
        }
        unset($pieces['']);

        return $pieces;
    }
}
