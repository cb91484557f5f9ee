<?php

declare(strict_types=1);

namespace FreshTack\Core\Procedure;

use FreshTack\Core\SpecBook\Table;
use FreshTack\Core\SpecBook\TableRow;

/** Rows of a table by what stands in one column. */
final readonly class RowFilter
{
    public function __construct(public string $column, public string $value)
    {
    }

    /** @return list<TableRow> those of the filter, if there is one, that belong to an engine equipped like this one */
    public static function rows(Table $table, ?self $filter, EngineFacts $facts): array
    {
        return array_values(array_filter($table->rows, static fn (TableRow $row): bool => (null === $filter || $row->words($filter->column) === $filter->value) && self::fits($row, 'steering', $facts) && self::fits($row, 'tilt', $facts)));
    }

    private static function fits(TableRow $row, string $column, EngineFacts $facts): bool
    {
        $only = $row->words($column);
        $has = $facts->raw('identity.'.$column);

        return null === $only || null === $has || 'either' === $has || $only === $has;
    }
}
