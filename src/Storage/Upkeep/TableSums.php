<?php

declare(strict_types=1);

namespace FreshTack\Storage\Upkeep;

use Doctrine\DBAL\Connection;

/** How many rows each table has, and a sum over all that stands in them. Two databases that agree hold the same. */
final readonly class TableSums
{
    /** @return array<string, array{rows: int, sum: string}> by table */
    public static function of(Connection $connection): array
    {
        $columns = [];
        foreach ($connection->fetchAllAssociative('SELECT table_name AS name, column_name AS field FROM information_schema.columns WHERE table_schema = DATABASE() ORDER BY table_name, ordinal_position') as $row) {
            if (\is_string($row['name']) && \is_string($row['field'])) {
                $columns[$row['name']][] = \sprintf("IFNULL(SHA1(`%s`), '-')", $row['field']);
            }
        }
        $sums = [];
        foreach ($columns as $table => $fields) {
            $row = $connection->fetchNumeric(\sprintf("SELECT COUNT(*), CAST(COALESCE(SUM(CRC32(CONCAT_WS(',', %s))), 0) AS CHAR) FROM `%s`", implode(', ', $fields), $table));
            $sums[$table] = ['rows' => is_numeric($row[0] ?? null) ? (int) $row[0] : -1, 'sum' => \is_string($row[1] ?? null) ? $row[1] : ''];
        }

        return $sums;
    }

    /**
     * @param array<string, array{rows: int, sum: string}> $expected
     * @param array<string, array{rows: int, sum: string}> $found
     *
     * @return list<string> what differs, in words
     */
    public static function differences(array $expected, array $found): array
    {
        $told = [];
        foreach ($expected as $table => $sums) {
            $there = $found[$table] ?? null;
            if (null === $there) {
                $told[] = "the table $table is missing";
            } elseif ($there !== $sums) {
                $told[] = $there['rows'] === $sums['rows'] ? "$table has other content" : \sprintf('%s has %d rows, not %d', $table, $there['rows'], $sums['rows']);
            }
        }

        return $told;
    }
}
