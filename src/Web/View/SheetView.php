<?php

declare(strict_types=1);

namespace FreshTack\Web\View;

use FreshTack\Core\SpecBook\Doubts;
use FreshTack\Core\SpecBook\Field\Column;
use FreshTack\Core\SpecBook\SerialRange;
use FreshTack\Core\SpecBook\SheetHead;
use FreshTack\Core\SpecBook\SheetValue;
use FreshTack\Core\SpecBook\SpecSheet;
use FreshTack\Core\SpecBook\Table;
use FreshTack\Core\SpecBook\TableRow;
use FreshTack\Shop\Book\Revision;
use FreshTack\Shop\Book\RevisionLine;
use FreshTack\Shop\Book\SheetHole;

final readonly class SheetView
{
    /**
     * @param list<RevisionLine> $revisions
     * @param list<SheetHole>    $holes
     *
     * @return array<string, mixed>
     */
    public static function page(Revision $revision, SpecSheet $sheet, array $revisions, array $holes): array
    {
        return [
            ...self::head($revision->head),
            'author' => $sheet->author,
            'reviewer' => $sheet->reviewer,
            'base' => $sheet->base?->name(),
            'note' => $sheet->note,
            'version' => $revision->version,
            'changedAt' => $revision->changedAt->format(\DATE_ATOM),
            'document' => [...$revision->document, 'sources' => (object) self::map($revision->document, 'sources'), 'values' => (object) self::map($revision->document, 'values')],
            'values' => array_map(self::value(...), $sheet->values()),
            'revisions' => array_map(self::line(...), $revisions),
            'holes' => array_map(BookView::hole(...), $holes),
            'doubts' => Doubts::about($sheet),
        ];
    }

    /** @return array<string, mixed> */
    public static function line(RevisionLine $line): array
    {
        return [...self::head($line->head), 'author' => $line->author, 'reviewer' => $line->reviewer, 'base' => $line->base?->name(), 'changedAt' => $line->changedAt->format(\DATE_ATOM)];
    }

    /** @return array<string, mixed> */
    public static function head(SheetHead $head): array
    {
        return [
            'id' => $head->id,
            'revision' => $head->revision,
            'status' => $head->status->value,
            'family' => $head->isFamily(),
            'maker' => $head->maker,
            'models' => $head->models,
            'ranges' => array_map(static fn (SerialRange $range): string => $range->text(), $head->ranges),
            'years' => $head->years?->text(),
            'gearcases' => $head->gearcases,
        ];
    }

    /** @return array<string, mixed> */
    public static function value(SheetValue $value): array
    {
        return [
            'path' => $value->field->value,
            'label' => $value->field->label(),
            'group' => $value->field->group()->value,
            'figure' => $value->figure(),
            'detail' => $value->detail(),
            'table' => $value->content instanceof Table ? self::table($value, $value->content) : null,
            'source' => $value->source->text(),
            'standing' => $value->standing->value,
            'usable' => $value->isUsable(),
            'by' => $value->entered?->by,
            'on' => $value->entered?->on->format('Y-m-d'),
        ];
    }

    /** @return array<string, mixed> only the columns that some row fills */
    private static function table(SheetValue $value, Table $table): array
    {
        $columns = array_values(array_filter($value->field->spec()->columns, static fn (Column $column): bool => [] !== array_filter($table->rows, static fn (TableRow $row): bool => null !== $row->cell($column->key))));

        return [
            'columns' => array_map(static fn (Column $column): string => $column->label, $columns),
            'rows' => array_map(static fn (TableRow $row): array => array_map($row->shown(...), $columns), $table->rows),
        ];
    }

    /**
     * @param array<mixed> $document
     *
     * @return array<mixed>
     */
    private static function map(array $document, string $key): array
    {
        return \is_array($document[$key] ?? null) ? $document[$key] : [];
    }
}
