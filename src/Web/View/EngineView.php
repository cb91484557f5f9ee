<?php

declare(strict_types=1);

namespace FreshTack\Web\View;

use FreshTack\Core\SpecBook\Asked;
use FreshTack\Core\SpecBook\SheetMatch;
use FreshTack\Shop\Board\EngineAssessment;
use FreshTack\Shop\Board\TaskDue;

final readonly class EngineView
{
    /** @return array<string, mixed> */
    public static function of(EngineAssessment $assessed): array
    {
        $engine = $assessed->engine;

        return [
            'id' => $engine->id,
            'position' => $engine->position->value,
            'label' => $engine->position->label(),
            'model' => $engine->model,
            'serial' => $engine->serial,
            'inService' => $engine->inService->format('Y-m-d'),
            'hasMeter' => $engine->hasMeter,
            'hours' => $assessed->hours?->text(),
            'identification' => self::match($assessed->match),
            'dues' => array_map(self::due(...), $assessed->dues),
        ];
    }

    /** @return array<string, mixed> */
    public static function match(SheetMatch $match): array
    {
        return [
            'sheet' => null === $match->head ? null : ['id' => $match->head->id, 'revision' => $match->head->revision],
            'refusal' => null === $match->refusal ? null : ['reason' => $match->refusal->reason->value, 'message' => $match->refusal->message, 'remedy' => $match->refusal->remedy, 'asks' => array_map(static fn (Asked $asked): string => $asked->value, $match->refusal->asks)],
        ];
    }

    /** @return array<string, mixed> */
    private static function due(TaskDue $due): array
    {
        $assessment = $due->assessment;

        return [
            'task' => $due->task->value,
            'title' => $due->task->title(),
            'interval' => $due->interval->text(),
            'within' => $due->task->within()?->value,
            'state' => $assessment->state->value,
            'by' => $assessment->by?->value,
            'why' => $due->why(),
            'dueDate' => $assessment->dueDate?->format('Y-m-d'),
            'dueHours' => self::hours($assessment->dueHoursTenths),
            'daysLeft' => $assessment->daysLeft,
            'hoursLeft' => self::hours($assessment->hoursLeftTenths),
            'hoursShare' => $assessment->hoursShare,
            'calendarShare' => $assessment->calendarShare,
        ];
    }

    private static function hours(?int $tenths): ?string
    {
        return null === $tenths ? null : \sprintf('%s%d.%d', $tenths < 0 ? '-' : '', intdiv(abs($tenths), 10), abs($tenths) % 10);
    }
}
