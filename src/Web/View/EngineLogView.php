<?php

declare(strict_types=1);

namespace FreshTack\Web\View;

use FreshTack\Core\Due\Declined;
use FreshTack\Shop\Board\EngineLog;
use FreshTack\Shop\Register\Fitting;
use FreshTack\Shop\Register\ReaderReport;
use FreshTack\Shop\Register\TaskDone;

final readonly class EngineLogView
{
    /** @return array<string, mixed> */
    public static function of(EngineLog $log): array
    {
        return [
            'boat' => null === $log->boat ? null : BoatView::of($log->boat),
            'engine' => EngineView::of($log->engine),
            'readings' => array_map(BoatView::reading(...), $log->history->hours->readings),
            'done' => array_map(static fn (TaskDone $done): array => ['task' => $done->task->value, 'title' => $done->task->title(), 'action' => $done->action->value, 'on' => $done->on->format('Y-m-d'), 'hours' => $done->hours?->text(), 'evidence' => $done->evidence, 'elsewhere' => $done->elsewhere], $log->history->done),
            'declined' => array_map(static fn (Declined $declined): array => ['task' => $declined->task->value, 'title' => $declined->task->title(), 'on' => $declined->on->format('Y-m-d'), 'note' => $declined->note], $log->history->declined),
            'fittings' => array_map(static fn (Fitting $fitting): array => ['boatId' => $fitting->boatId, 'boat' => $fitting->boat, 'label' => $fitting->position->label(), 'from' => $fitting->from->format('Y-m-d'), 'until' => $fitting->until?->format('Y-m-d')], $log->fittings),
            'reports' => array_map(self::report(...), $log->reports),
            'records' => $log->records,
            'flaws' => $log->flaws,
        ];
    }

    /** @return array<string, mixed> */
    public static function report(ReaderReport $report): array
    {
        return ['on' => $report->on->format('Y-m-d'), 'hours' => $report->hours->text(), 'bands' => $report->bands, 'faults' => $report->faults, 'mostlyIdling' => $report->isMostlyIdling()];
    }
}
