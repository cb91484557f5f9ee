<?php

declare(strict_types=1);

namespace FreshTack\Storage;

use Doctrine\DBAL\Connection;
use FreshTack\Core\SpecBook\SerialNumber;
use FreshTack\Core\SpecBook\SerialRange;
use FreshTack\Core\SpecBook\SheetHead;
use FreshTack\Core\SpecBook\SheetStatus;
use FreshTack\Core\SpecBook\YearRange;

/** Heads of sheets straight from the columns beside the documents: nothing is decoded to find a sheet. */
final readonly class SheetHeads
{
    public const COLUMNS = 's.id AS row_id, s.sheet_id, s.revision, s.status, s.maker, s.year_from, s.year_to, s.gearcases';

    public function __construct(private Connection $connection)
    {
    }

    /**
     * @param non-empty-list<array{string, SerialNumber}> $numbers model and serial number
     *
     * @return list<list<SheetHead>> for each; of their ranges only the number that was asked for
     */
    public function claiming(array $numbers): array
    {
        $selects = $given = [];
        foreach ($numbers as $place => [$model, $serial]) {
            $selects[] = \sprintf(
                'SELECT %2$d AS place, sheet_name AS sheet_id, revision, status, maker, year_from, year_to, gearcases '
                .'FROM sheet_range WHERE model = ? AND prefix = ? AND serial_to >= %1$d AND serial_from <= %1$d',
                $serial->number,
                $place,
            );
            array_push($given, $model, $serial->prefix);
        }
        $claiming = array_map(static fn (): array => [], $numbers);
        foreach ($this->connection->fetchAllAssociative(implode(' UNION ALL ', $selects), $given) as $row) {
            $place = Column::int($row, 'place');
            [$model, $serial] = $numbers[$place];
            $claiming[$place][] = $this->head($row, [$model], [new SerialRange($serial->prefix, $serial->number, $serial->number)]);
        }

        return array_map(static function (array $heads): array {
            usort($heads, static fn (SheetHead $a, SheetHead $b): int => [$a->id, $a->revision] <=> [$b->id, $b->revision]);

            return $heads;
        }, $claiming);
    }

    /** @return list<SheetHead> */
    public function all(): array
    {
        return $this->heads($this->connection->fetchAllAssociative('SELECT '.self::COLUMNS.', r.model, r.prefix, r.serial_from, r.serial_to FROM spec_sheet s LEFT JOIN sheet_range r ON s.id = r.sheet_id ORDER BY s.maker, s.sheet_id, s.revision, r.id'));
    }

    /**
     * @param list<int> $ids of rows
     *
     * @return array<int, SheetHead> by row
     */
    public function ofRows(array $ids): array
    {
        $rows = $this->connection->fetchAllAssociative('SELECT '.self::COLUMNS.', r.model, r.prefix, r.serial_from, r.serial_to FROM spec_sheet s LEFT JOIN sheet_range r ON s.id = r.sheet_id WHERE s.id IN (?) ORDER BY r.id', [$ids], [\Doctrine\DBAL\ArrayParameterType::INTEGER]);

        return $this->grouped($rows);
    }

    /**
     * @param list<array<string, mixed>> $rows
     *
     * @return list<SheetHead>
     */
    private function heads(array $rows): array
    {
        return array_values($this->grouped($rows));
    }

    /**
     * @param list<array<string, mixed>> $rows
     *
     * @return array<int, SheetHead> by row of the sheet
     */
    private function grouped(array $rows): array
    {
        $sheets = $models = $ranges = [];
        foreach ($rows as $row) {
            $id = Column::int($row, 'row_id');
            $sheets[$id] = $row;
            if (null !== $row['model']) {
                $range = new SerialRange(Column::text($row, 'prefix'), Column::int($row, 'serial_from'), Column::int($row, 'serial_to'));
                $models[$id][Column::text($row, 'model')] = true;
                $ranges[$id][$range->text()] = $range;
            }
        }
        $heads = [];
        foreach ($sheets as $id => $row) {
            $heads[$id] = $this->head($row, array_map(strval(...), array_keys($models[$id] ?? [])), array_values($ranges[$id] ?? []));
        }

        return $heads;
    }

    /**
     * @param array<string, mixed> $row
     * @param list<string>         $models
     * @param list<SerialRange>    $ranges
     */
    private function head(array $row, array $models, array $ranges): SheetHead
    {
        $gearcases = Column::text($row, 'gearcases');
        $years = null === $row['year_from'] ? null : new YearRange(Column::int($row, 'year_from'), Column::int($row, 'year_to'));

        return new SheetHead(Column::text($row, 'sheet_id'), Column::int($row, 'revision'), SheetStatus::from(Column::text($row, 'status')), Column::text($row, 'maker'), $models, $ranges, $years, '' === $gearcases ? [] : explode(',', $gearcases));
    }
}
