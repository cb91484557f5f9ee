<?php

declare(strict_types=1);

namespace FreshTack\Storage;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use FreshTack\Core\Fluid\Container;
use FreshTack\Core\Order\ShelfOil;
use FreshTack\Core\Parts\KitLine;
use FreshTack\Core\Parts\PartsShelf;
use FreshTack\Core\Parts\ShelfPart;
use FreshTack\Core\Quantity\InvalidQuantity;
use FreshTack\Core\Quantity\Volume;
use FreshTack\Core\Quantity\VolumeUnit;
use FreshTack\Shop\Stock\Stock;

/** Rows without entities: every preview asks for them. */
final readonly class DoctrineStock implements Stock
{
    public function __construct(private Connection $connection)
    {
    }

    public function parts(array $numbers): PartsShelf
    {
        $known = $kits = [];
        for ($wanted = array_values(array_unique($numbers)); [] !== $wanted; $wanted = $this->missing($known, $kits)) {
            $known += array_fill_keys($wanted, null);
            foreach ($this->connection->fetchAllAssociative('SELECT number, description, bin, in_stock, price_minor, superseded_by, on_order, arrives_on, substitute_for FROM part WHERE number IN (:wanted) OR substitute_for IN (:wanted)', ['wanted' => $wanted], ['wanted' => ArrayParameterType::STRING]) as $row) {
                $known[Column::text($row, 'number')] = $row;
            }
            foreach ($this->connection->fetchAllAssociative('SELECT kit, part, count FROM kit_line WHERE kit IN (?) ORDER BY part', [$wanted], [ArrayParameterType::STRING]) as $row) {
                $kits[Column::text($row, 'kit')][] = new KitLine(Column::text($row, 'part'), Column::int($row, 'count'));
            }
        }
        ksort($known, \SORT_STRING);

        return PartsShelf::of(...array_map(
            static fn (array $row): ShelfPart => self::part($row, $kits[Column::text($row, 'number')] ?? []),
            array_values(array_filter($known, \is_array(...))),
        ));
    }

    /**
     * @param array<string, mixed> $row
     * @param list<KitLine>        $kit
     */
    private static function part(array $row, array $kit): ShelfPart
    {
        return new ShelfPart(
            Column::text($row, 'number'),
            Column::text($row, 'description'),
            Column::text($row, 'bin'),
            Column::int($row, 'in_stock'),
            Column::int($row, 'price_minor'),
            null === $row['superseded_by'] ? null : Column::text($row, 'superseded_by'),
            $kit,
            Column::int($row, 'on_order'),
            null === $row['arrives_on'] ? null : Column::day($row, 'arrives_on'),
            null === $row['substitute_for'] ? null : Column::text($row, 'substitute_for'),
        );
    }

    /**
     * @param array<array-key, array<string, mixed>|null> $known by number
     * @param array<array-key, list<KitLine>>             $kits  by number
     *
     * @return list<string> numbers that took the place of known ones, and pieces of kits, not looked up yet
     */
    private function missing(array $known, array $kits): array
    {
        $newer = array_filter(array_map(static fn (?array $row): mixed => $row['superseded_by'] ?? null, array_values($known)), \is_string(...));
        $pieces = array_map(static fn (KitLine $line): string => $line->part, array_merge(...array_values($kits)));

        return array_values(array_filter(array_unique([...$newer, ...$pieces]), static fn (string $number): bool => !\array_key_exists($number, $known)));
    }

    public function oils(): array
    {
        return array_map(
            static fn (array $row): ShelfOil => new ShelfOil(
                Column::text($row, 'product'),
                Column::text($row, 'grade'),
                Column::text($row, 'performance_class'),
                new Container(
                    Column::text($row, 'id'),
                    self::volume($row, 'size'),
                    Column::int($row, 'price_minor'),
                    null === $row['in_stock'] ? null : Column::int($row, 'in_stock'),
                    null === $row['opened_value'] ? null : self::volume($row, 'opened'),
                ),
            ),
            $this->connection->fetchAllAssociative('SELECT id, product, grade, performance_class, size_value, size_unit, price_minor, in_stock, opened_value, opened_unit FROM shelf_oil ORDER BY id'),
        );
    }

    /** @param array<string, mixed> $row */
    private static function volume(array $row, string $what): Volume
    {
        try {
            return Volume::of(Column::text($row, $what.'_value'), VolumeUnit::from(Column::text($row, $what.'_unit')));
        } catch (InvalidQuantity|\ValueError $error) {
            throw CorruptRecord::in('shelf_oil', Column::text($row, 'id'), $error->getMessage(), $error);
        }
    }
}
