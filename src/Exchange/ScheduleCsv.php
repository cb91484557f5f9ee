<?php

declare(strict_types=1);

namespace FreshTack\Exchange;

use FreshTack\Core\Schedule\HardUse;
use FreshTack\Core\Schedule\Limit;
use FreshTack\Core\SpecBook\SpecSheet;
use FreshTack\Core\SpecBook\Task;

/** The schedule of a sheet as CSV: a row for each task, limits in hours and months, with their source. */
final readonly class ScheduleCsv
{
    private const HEADINGS = ['task', 'action', 'first_h', 'first_months', 'every_h', 'every_months', 'severe_h', 'severe_months', 'severe_use', 'source'];

    public static function write(SpecSheet $sheet): string
    {
        return CsvTable::write(self::HEADINGS, array_map(static function (Task $task) use ($sheet): array {
            $interval = $sheet->interval($task);

            return [
                'task' => $task->value,
                'action' => $interval->action->value ?? '',
                ...self::limit('first', $interval?->first),
                ...self::limit('every', $interval?->every),
                ...self::limit('severe', $interval?->severe?->every),
                'severe_use' => implode(' ', array_map(static fn (HardUse $use): string => $use->value, $interval->severe->uses ?? [])),
                'source' => $sheet->value($task->schedule())?->source->text() ?? '',
            ];
        }, $sheet->tasks()));
    }

    /** @return array<string, string> */
    private static function limit(string $which, ?Limit $limit): array
    {
        return [$which.'_h' => $limit?->hours?->text() ?? '', $which.'_months' => (string) $limit?->months];
    }
}
