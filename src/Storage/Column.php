<?php

declare(strict_types=1);

namespace FreshTack\Storage;

/** Cells of a row that the database gives as it likes, as what the table says they are. */
final readonly class Column
{
    /** @param array<string, mixed> $row */
    public static function int(array $row, string $name): int
    {
        $cell = $row[$name] ?? null;

        return is_numeric($cell) ? (int) $cell : throw CorruptRecord::in('a row', $name, 'no number');
    }

    /** @param array<string, mixed> $row */
    public static function text(array $row, string $name): string
    {
        $cell = $row[$name] ?? null;

        return \is_string($cell) || \is_int($cell) ? (string) $cell : throw CorruptRecord::in('a row', $name, 'no text');
    }

    /**
     * UTC.
     *
     * @param array<string, mixed> $row
     */
    public static function moment(array $row, string $column): \DateTimeImmutable
    {
        $moment = \DateTimeImmutable::createFromFormat('!Y-m-d H:i:s', self::text($row, $column), new \DateTimeZone('UTC'));

        return false === $moment ? throw CorruptRecord::in('a row', $column, 'no moment') : $moment;
    }

    /**
     * At midnight.
     *
     * @param array<string, mixed> $row
     */
    public static function day(array $row, string $column): \DateTimeImmutable
    {
        $day = \DateTimeImmutable::createFromFormat('!Y-m-d', self::text($row, $column));

        return false === $day ? throw CorruptRecord::in('a row', $column, 'no day') : $day;
    }
}
