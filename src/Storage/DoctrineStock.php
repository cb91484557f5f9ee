<?php

declare(strict_types=1);

namespace FreshTack\Storage;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use FreshTack\Shop\Stock\Stock;

/** Plain rows: they go into every preview as they are. */
final readonly class DoctrineStock implements Stock
{
    public function __construct(private Connection $connection)
    {
    }

    public function parts(array $numbers): array
    {
        $known = $kits = [];
        for ($wanted = array_values(array_unique($numbers)); [] !== $wanted; $wanted = $this->missing($known, $kits)) {
            $known += array_fill_keys($wanted, null);
            foreach ($this->connection->fetchAllAssociative('SELECT number, description, bin, in_stock, price_minor, superseded_by, on_order, arrives_on, substitute_for FROM part WHERE number IN (:wanted) OR substitute_for IN (:wanted)', ['wanted' => $wanted], ['wanted' => ArrayParameterType::STRING]) as $row) {
                $known[Column::text($row, 'number')] = $row;
            }
            foreach ($this->connection->fetchAllAssociative('SELECT kit, part, count FROM kit_line WHERE kit IN (?) ORDER BY part', [$wanted], [ArrayParameterType::STRING]) as $row) {
                $kits[Column::text($row, 'kit')][] = ['part' => Column::text($row, 'part'), 'count' => Column::int($row, 'count')];
            }
        }
        ksort($known, \SORT_STRING);

        return array_values(array_map(static fn (array $row): array => self::part($row, $kits), array_filter($known, \is_array(...))));
    }

    /**
     * @param array<string, mixed>                                   $row
     * @param array<array-key, list<array{part: string, count: int}>> $kits by number
     *
     * @return array<string, mixed>
     */
    private static function part(array $row, array $kits): array
    {
        return [
            'number' => Column::text($row, 'number'),
            'description' => Column::text($row, 'description'),
            'bin' => Column::text($row, 'bin'),
            'inStock' => Column::int($row, 'in_stock'),
            'priceMinor' => Column::int($row, 'price_minor'),
            'supersededBy' => $row['superseded_by'],
            'kit' => $kits[Column::text($row, 'number')] ?? [],
            'onOrder' => Column::int($row, 'on_order'),
            'arrivesOn' => $row['arrives_on'],
            'substituteFor' => $row['substitute_for'],
        ];
    }

    /**
     * @param array<array-key, array<string, mixed>|null> $known by number
     * @param array<array-key, list<array{part: string, count: int}>> $kits  by number
     *
     * @return list<string> numbers that took the place of known ones, and pieces of kits, not looked up yet
     */
    private function missing(array $known, array $kits): array
    {
        $newer = array_filter(array_map(static fn (?array $row): mixed => $row['superseded_by'] ?? null, array_values($known)), \is_string(...));
        $pieces = array_merge(...array_map(static fn (array $lines): array => array_column($lines, 'part'), array_values($kits)));

        return array_values(array_filter(array_unique([...$newer, ...$pieces]), static fn (string $number): bool => !\array_key_exists($number, $known)));
    }

    public function oils(): array
    {
        return array_map(
            static fn (array $row): array => [
                'id' => Column::text($row, 'id'),
                'product' => Column::text($row, 'product'),
                'grade' => Column::text($row, 'grade'),
                'performanceClass' => Column::text($row, 'performance_class'),
                'size' => ['value' => Column::text($row, 'size_value'), 'unit' => Column::text($row, 'size_unit')],
                'priceMinor' => Column::int($row, 'price_minor'),
                'inStock' => null === $row['in_stock'] ? null : Column::int($row, 'in_stock'),
                'opened' => null === $row['opened_value'] ? null : ['value' => Column::text($row, 'opened_value'), 'unit' => Column::text($row, 'opened_unit')],
            ],
            $this->connection->fetchAllAssociative('SELECT id, product, grade, performance_class, size_value, size_unit, price_minor, in_stock, opened_value, opened_unit FROM shelf_oil ORDER BY id'),
        );
    }
}
