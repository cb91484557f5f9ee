<?php

declare(strict_types=1);

namespace FreshTack\Web\View;

use FreshTack\Core\Due\Declined;
use FreshTack\Core\Usage\HourReading;
use FreshTack\Shop\Board\EngineLog;
use FreshTack\Shop\Register\Fitting;
use FreshTack\Shop\Register\ReaderReport;
use FreshTack\Shop\Register\TaskDone;
use FreshTack\Shop\TakenBack\LogLine;

final readonly class EngineLogView
{
    /** @return array<string, mixed> */
    public static function of(EngineLog $log): array
    {
        return [
            'boat' => null === $log->boat ? null : BoatView::of($log->boat),
            'engine' => EngineView::of($log->engine),
            'readings' => array_map(BoatView::reading(...), $log->history->hours->readings),
            'done' => array_map(self::done(...), $log->history->done),
            'declined' => array_map(self::declined(...), $log->history->declined),
            'fittings' => array_map(static fn (Fitting $fitting): array => ['boatId' => $fitting->boatId, 'boat' => $fitting->boat, 'label' => $fitting->position->label(), 'from' => $fitting->from->format('Y-m-d'), 'until' => $fitting->until?->format('Y-m-d')], $log->fittings),
            'reports' => array_map(self::report(...), $log->reports),
            'records' => $log->records,
            'flaws' => $log->flaws,
            'hasMoved' => $log->hasMoved,
            'lines' => array_map(self::line(...), $log->lines),
        ];
    }

    /** @return array<string, mixed> */
    private static function line(LogLine $line): array
    {
        $content = $line->content;
        $strike = $line->strike;

        return [
            'id' => $line->id,
            'kind' => $line->kind()->value,
            'by' => $line->by,
            'content' => match (true) {
                $content instanceof HourReading => BoatView::reading($content),
                $content instanceof TaskDone => self::done($content),
                default => self::declined($content),
            },
            'strike' => null === $strike ? null : ['by' => $strike->by, 'at' => $strike->at->format(\DATE_ATOM), 'why' => $strike->why],
        ];
    }

    /** @return array<string, mixed> */
    private static function done(TaskDone $done): array
    {
        return [
            'task' => $done->task->value,
            'title' => $done->task->title(),
            'action' => $done->action->value,
            'on' => $done->on->format('Y-m-d'),
            'hours' => $done->hours?->text(),
            'evidence' => $done->evidence,
            'elsewhere' => $done->elsewhere,
        ];
    }

    /** @return array<string, mixed> */
    private static function declined(Declined $declined): array
    {
        return [
            'task' => $declined->task->value,
            'title' => $declined->task->title(),
            'on' => $declined->on->format('Y-m-d'),
            'note' => $declined->note,
        ];
    }

    /** @return array<string, mixed> */
    public static function report(ReaderReport $report): array
    {
        return ['on' => $report->on->format('Y-m-d'), 'hours' => $report->hours->text(), 'bands' => $report->bands, 'faults' => $report->faults, 'mostlyIdling' => $report->isMostlyIdling()];
    }
}
