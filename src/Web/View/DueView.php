<?php

declare(strict_types=1);

namespace FreshTack\Web\View;

use FreshTack\Core\Schedule\DueState;
use FreshTack\Exchange\DueDocument;
use FreshTack\Shop\Due\DueBoard;
use FreshTack\Shop\Due\DueLine;
use FreshTack\Shop\Due\EnginePressing;

final readonly class DueView
{
    /** @return array<string, mixed> */
    public static function board(DueBoard $board): array
    {
        return [
            'stale' => $board->stale,
            'progress' => $board->progress,
            'now' => $board->now,
            'byNow' => $board->byNow,
            'noRecord' => $board->noRecord,
            'weeks' => array_map(static fn (array $week): array => ['from' => $week['from']->format('Y-m-d'), 'to' => $week['to']->format('Y-m-d'), 'engines' => $week['engines']], $board->weeks),
        ];
    }

    /** @return array<string, mixed> its tasks that are not "not due", the most pressing first; those expected by `$until` too */
    public static function line(EnginePressing $line, \DateTimeImmutable $today, ?\DateTimeImmutable $until = null): array
    {
        $told = array_filter($line->days->lines, static fn (DueLine $each): bool => !$each->listedElsewhere && (DueState::NotDue !== $each->stateOn($today) || (null !== $until && null !== $each->expectedOn && $each->expectedOn <= $until)));
        usort($told, static fn (DueLine $a, DueLine $b): int => [$b->stateOn($today)->weight() % DueState::NoRecord->weight(), $a->expectedOn] <=> [$a->stateOn($today)->weight() % DueState::NoRecord->weight(), $b->expectedOn]);

        return [
            'boat' => BoatView::hit($line->boat),
            'engine' => EngineView::identity($line->engine),
            'hours' => DueDocument::hours($line->days->meterTenths),
            'state' => $line->days->stateOn($today)->value,
            'dueOn' => $line->days->dueOn()?->format('Y-m-d'),
            'expectedOn' => $line->days->expectedOn()?->format('Y-m-d'),
            'tasks' => array_map(static fn (DueLine $each): array => self::task($each, $line->days->meterTenths, $today), $told),
        ];
    }

    /** @return array<string, mixed> */
    private static function task(DueLine $line, ?int $meterTenths, \DateTimeImmutable $today): array
    {
        $hoursLeft = null === $line->dueTenths || null === $meterTenths ? null : $line->dueTenths - $meterTenths;
        $day = $line->times->dueOn ?? $line->expectedOn;

        return [
            'task' => $line->task->value,
            'title' => $line->task->title(),
            'state' => $line->stateOn($today)->value,
            'expectedOn' => $line->expectedOn?->format('Y-m-d'),
            'byUse' => $line->byUse,
            'hoursLeft' => null === $hoursLeft || $hoursLeft > 0 ? null : DueDocument::hours($hoursLeft),
            'daysLeft' => null === $day ? null : (int) $today->diff($day)->format('%r%a'),
        ];
    }
}
