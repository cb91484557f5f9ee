<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook;

use FreshTack\Core\Quantity\Length;
use FreshTack\Core\Quantity\LengthUnit;
use FreshTack\Core\Quantity\Minutes;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\SpecBook\Field\Column;
use FreshTack\Core\SpecBook\Field\ColumnKind;

/** Reads the rows of a table by the columns of its field. */
final readonly class TableReader
{
    public const MOST_ROWS = 200;

    /** @param list<Column> $columns */
    public static function read(Cursor $rows, array $columns): ?Table
    {
        $read = array_map(static fn (Cursor $row): TableRow => self::row($row, $columns), $rows->list(1, self::MOST_ROWS));

        return [] === $read ? null : new Table($read);
    }

    /** @param list<Column> $columns */
    private static function row(Cursor $row, array $columns): TableRow
    {
        $row->knowsOnly(...array_map(static fn (Column $column): string => $column->key, $columns));
        $cells = [];
        foreach ($columns as $column) {
            $cell = $row->at($column->key);
            $read = $column->required || !$cell->isNull() ? self::cell($cell, $column) : null;
            if (null !== $read) {
                $cells[$column->key] = $read;
            }
        }

        return new TableRow($columns, $cells);
    }

    /** @return string|int|bool|Length|Minutes|non-empty-list<string>|null */
    private static function cell(Cursor $cell, Column $column): string|int|bool|Length|Minutes|array|null
    {
        return match ($column->kind) {
            ColumnKind::Text => $cell->string(200),
            ColumnKind::Part => $cell->string(40),
            ColumnKind::Count => $cell->int(0, 1000),
            ColumnKind::Percent => $cell->int(1, 99),
            ColumnKind::Flag => $cell->bool(),
            ColumnKind::Minutes => self::minutes($cell),
            ColumnKind::Length => $cell->attempt(static fn (Cursor $at): Length => Length::of($at->at('value')->string(20), LengthUnit::of($at->at('unit')->string(10)))),
            ColumnKind::Choice => self::choice($cell, $column->options),
            ColumnKind::Texts => self::texts($cell),
        };
    }

    private static function minutes(Cursor $cell): ?Minutes
    {
        if ('min' !== $cell->at('unit')->raw()) {
            $cell->at('unit')->flaw('Minutes are given in "min".');
        }
        $count = $cell->at('value')->int(0, 2880);

        return $cell->attempt(static fn (): Minutes => Minutes::of($count));
    }

    /** @param list<string> $options */
    public static function choice(Cursor $cell, array $options): string
    {
        $text = $cell->string(40);
        if ('' !== $text && !\in_array($text, $options, true)) {
            $cell->flaw('This must be one of: '.implode(', ', $options).'.');
        }

        return $text;
    }

    /** @return non-empty-list<string>|null */
    private static function texts(Cursor $cell): ?array
    {
        $texts = array_map(static fn (Cursor $text): string => $text->string(80), $cell->list(1, 20));

        return [] === $texts ? null : $texts;
    }
}
