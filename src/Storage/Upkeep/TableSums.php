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
        $sums = [];
        foreach (self::columns($connection) as $table => $columns) {
            $fields = implode(', ', array_map(static fn (string $column): string => "IFNULL(SHA1(`$column`), '-')", $columns));
            $row = $connection->fetchNumeric("SELECT COUNT(*), CAST(COALESCE(SUM(CRC32(CONCAT_WS(',', $fields))), 0) AS CHAR) FROM `$table`");
            [$rows, $sum] = [$row[0] ?? null, $row[1] ?? null];
            $sums[$table] = ['rows' => is_numeric($rows) ? (int) $rows : -1, 'sum' => \is_string($sum) ? $sum : ''];
        }

        return $sums;
    }

    /** @return array<string, non-empty-list<string>> by table, in their order */
    private static function columns(Connection $connection): array
    {
        $columns = [];
        $sql = 'SELECT table_name AS name, column_name AS field FROM information_schema.columns
            WHERE table_schema = DATABASE() ORDER BY table_name, ordinal_position';
        foreach ($connection->fetchAllAssociative($sql) as $row) {
            if (\is_string($row['name']) && \is_string($row['field'])) {
                $columns[$row['name']][] = $row['field'];
            }
        }

        return $columns;
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
                $rows = \sprintf('%s has %d rows, not %d', $table, $there['rows'], $sums['rows']);
                $told[] = $there['rows'] === $sums['rows'] ? "$table has other content" : $rows;
            }
        }

        return $told;
    }
}
