<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook\Field;

/** Columns that several tables share. */
final readonly class Shapes
{
    /** @return list<Column> the long one's place is told, and how many can't be seen */
    public static function fasteners(): array
    {
        return [
            Column::text('position', 'position'),
            Column::choice('head', 'head', 'hex', 'socket', 'torx', 'phillips', 'slotted', 'clip'),
            Column::of('size', ColumnKind::Length, 'size')->optional(),
            Column::of('count', ColumnKind::Count, 'count'),
            Column::text('longAt', 'the long one goes')->optional(),
            Column::of('hidden', ColumnKind::Count, 'hidden')->optional(),
            Column::text('hiddenAt', 'hidden where')->optional(),
            Column::of('loosePlates', ColumnKind::Count, 'loose backing plates')->optional(),
        ];
    }

    /** @return list<Column> which engines a point belongs to; left empty: all */
    public static function equipment(): array
    {
        return [
            Column::choice('steering', 'only with steering', 'tiller', 'remote')->optional(),
            Column::choice('tilt', 'only with tilt', 'manual', 'power')->optional(),
        ];
    }

    /** @return list<Column> pieces in their order, the first one on first, with the way that each one faces */
    public static function stack(): array
    {
        return [
            Column::text('piece', 'piece'),
            Column::of('count', ColumnKind::Count, 'count'),
            Column::text('facing', 'goes on with')->optional(),
            Column::of('part', ColumnKind::Part, 'part')->optional(),
        ];
    }
}
