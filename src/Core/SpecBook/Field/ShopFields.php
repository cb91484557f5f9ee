<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook\Field;

use FreshTack\Core\SpecBook\Task;
use FreshTack\Core\SpecBook\ValueKind;

/** Points, covers, kits, times and the schedule. */
final readonly class ShopFields
{
    /** @return array<string, FieldSpec> */
    public static function table(): array
    {
        return [
            'points.lubrication' => FieldSpec::table(
                'lubrication points',
                Column::text('location', 'location'),
                Column::choice('method', 'method', 'grease_gun', 'brush', 'spray', 'oil_can', 'by_hand'),
                Column::text('grease', 'lubricant'),
                Column::of('strokes', ColumnKind::Count, 'strokes of the gun')->optional(),
                ...Shapes::equipment(),
            ),
            'points.inspection' => FieldSpec::table(
                'inspection points',
                Column::text('zone', 'zone'),
                Column::choice('by', 'by', 'eye', 'hand', 'movement'),
                Column::of('answers', ColumnKind::Texts, 'answers'),
                Column::of('findings', ColumnKind::Texts, 'which of them are findings'),
                Column::text('limit', 'limit')->optional(),
                ...Shapes::equipment(),
            ),
            'covers.panels' => FieldSpec::table('panels and covers', Column::text('panel', 'panel'), ...Shapes::fasteners()),
            'covers.tightening' => FieldSpec::of(ValueKind::Tightening, 'cover fasteners tightening'),
            'tools.special' => FieldSpec::table(
                'special tools',
                Column::text('tool', 'tool'),
                Column::choice('for', 'for', ...array_column(self::scheduled(), 'value')),
                Column::text('number', 'number')->optional(),
            ),
            'kits.offered' => FieldSpec::table('kits', Column::of('part', ColumnKind::Part, 'kit'), Column::text('covers', 'covers')),
            'times.operations' => FieldSpec::table('hands-on times', Column::text('operation', 'operation'), Column::of('attended', ColumnKind::Minutes, 'hands-on')),
        ];
    }

    /** @return array<string, FieldSpec> */
    public static function boat(): array
    {
        return [
            'boat.separatorElement' => FieldSpec::of(ValueKind::Part, 'element of the boat\'s fuel separator'),
            'boat.separatorEvery' => FieldSpec::of(ValueKind::Interval, 'boat\'s fuel separator schedule'),
        ];
    }

    /** @return array<string, FieldSpec> */
    public static function schedule(): array
    {
        $table = [];
        foreach (self::scheduled() as $task) {
            $table[$task->schedule()->value] = FieldSpec::of(ValueKind::Interval, strtolower($task->title()).' schedule');
        }

        return $table;
    }

    /** @return list<Task> those that a sheet schedules */
    private static function scheduled(): array
    {
        return array_values(array_filter(Task::cases(), static fn (Task $task): bool => !$task->schedule()->isOfBoat()));
    }
}
