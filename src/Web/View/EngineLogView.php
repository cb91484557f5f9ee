<?php

declare(strict_types=1);

namespace FreshTack\Web\View;

use FreshTack\Shop\Board\EngineLog;
use FreshTack\Shop\Order\OrderFile;
use FreshTack\Shop\Register\HourReading;
use FreshTack\Shop\Register\TaskDone;

final readonly class EngineLogView
{
    /** @return array<string, mixed> */
    public static function of(EngineLog $log): array
    {
        return [
            'boat' => BoatView::of($log->boat),
            'engine' => EngineView::of($log->engine),
            'readings' => array_map(static fn (HourReading $reading): array => ['on' => $reading->on->format('Y-m-d'), 'hours' => $reading->hours->text()], $log->history->readings),
            'done' => array_map(static fn (TaskDone $done): array => ['task' => $done->task->value, 'title' => $done->task->title(), 'on' => $done->on->format('Y-m-d'), 'hours' => $done->hours?->text(), 'evidence' => $done->evidence], $log->history->done),
            'records' => array_map(static fn (OrderFile $file): ?array => $file->record, $log->orders),
        ];
    }
}
