<?php

declare(strict_types=1);

namespace FreshTack\Storage;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use Doctrine\DBAL\ParameterType;

/**
 * Finds what is spelt with one wrong letter in a word. A word with one mistake still has one of its halves right: those
 * halves find what comes into question by the key, and only that is compared letter by letter.
 */
final readonly class NearWords
{
    private const SHORTEST = 4;
    private const CANDIDATES = 400;

    public function __construct(private Connection $connection)
    {
    }

    /** @return list<int> */
    public function find(string $kind, string $text, int $most): array
    {
        $words = SearchWords::of($text);
        $long = array_values(array_filter($words, static fn (string $word): bool => \strlen($word) >= self::SHORTEST));
        if ([] === $long) {
            return [];
        }
        usort($long, static fn (string $a, string $b): int => \strlen($b) <=> \strlen($a));
        $found = [];
        foreach ($this->words($kind, $this->candidates($kind, $long[0])) as $ref => $known) {
            if ($this->hasAll($words, $known)) {
                $found[] = $ref;
            }
        }

        return \array_slice($found, 0, $most);
    }

    /** Whether two spellings differ by one letter at most: a wrong one, one too many, one too few, or two that are swapped. */
    public static function isNear(string $typed, string $word): bool
    {
        if ($typed === $word || levenshtein($typed, $word) <= 1) {
            return true;
        }
        if (\strlen($typed) !== \strlen($word)) {
            return false;
        }
        $at = strspn($typed ^ $word, "\0");

        return substr_replace($typed, strrev(substr($typed, $at, 2)), $at, 2) === $word;
    }

    /** @return list<int> refs in which one half of the word stands */
    private function candidates(string $kind, string $word): array
    {
        $half = intdiv(\strlen($word), 2);
        // the second half may stand one to the left or to the right, and begins inside the word
        $refs = $this->connection->fetchFirstColumn(
            'SELECT ref FROM (
                SELECT ref FROM search_piece WHERE kind = ? AND inside = 0 AND piece LIKE ?
                UNION SELECT ref FROM search_piece WHERE kind = ? AND inside = 1 AND (piece LIKE ? OR piece LIKE ?)
             ) found LIMIT '.self::CANDIDATES,
            [$kind, substr($word, 0, $half).'%', $kind, substr($word, $half).'%', substr($word, $half + 1).'%'],
        );

        return array_map(static fn (mixed $ref): int => is_numeric($ref) ? (int) $ref : 0, $refs);
    }

    /**
     * @param list<int> $refs
     *
     * @return array<int, list<string>> whole words, by ref
     */
    private function words(string $kind, array $refs): array
    {
        $rows = [] === $refs ? [] : $this->connection->fetchAllAssociative(
            'SELECT ref, piece FROM search_piece WHERE kind = ? AND inside = 0 AND ref IN (?) ORDER BY ref',
            [$kind, $refs],
            [ParameterType::STRING, ArrayParameterType::INTEGER],
        );
        $words = [];
        foreach ($rows as $row) {
            $words[Column::int($row, 'ref')][] = Column::text($row, 'piece');
        }

        return $words;
    }

    /**
     * @param list<string> $typed
     * @param list<string> $known
     */
    private function hasAll(array $typed, array $known): bool
    {
        foreach ($typed as $word) {
            if ([] === array_filter($known, static fn (string $each): bool => self::begins($word, $each))) {
                return false;
            }
        }

        return true;
    }

    /** A short word has to be spelt right; of a long one as much is compared as was typed. */
    private static function begins(string $typed, string $word): bool
    {
        $length = \strlen($typed);
        if ($length < self::SHORTEST) {
            return str_starts_with($word, $typed);
        }
        foreach ([$length, $length - 1, $length + 1] as $compared) {
            if (self::isNear($typed, substr($word, 0, $compared))) {
                return true;
            }
        }

        return false;
    }
}
