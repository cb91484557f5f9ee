<?php

declare(strict_types=1);

namespace FreshTack\Web\View;

use FreshTack\Core\Due\TaskDue;
use FreshTack\Core\SpecBook\Asked;
use FreshTack\Core\SpecBook\SheetMatch;
use FreshTack\Core\Usage\Forecast;
use FreshTack\Core\Usage\UseRate;
use FreshTack\Exchange\DueDocument;
use FreshTack\Shop\Board\EngineAssessment;
use FreshTack\Shop\Register\Engine;

final readonly class EngineView
{
    /** @return array<string, mixed> */
    public static function of(EngineAssessment $assessed): array
    {
        $reading = $assessed->reading;
        $offset = $reading->offsetTenths ?? 0;

        return [
            ...self::identity($assessed->engine),
            'hours' => $reading?->meter->text(),
            'totalHours' => $reading?->total()->text(),
            'readOn' => $reading?->on->format('Y-m-d'),
            'identification' => self::match($assessed->match),
            'rate' => null === $assessed->rate ? null : self::rate($assessed->rate, $reading->on ?? $assessed->engine->inService),
            'dues' => array_map(static fn (TaskDue $due): array => [
                ...self::due($due, $offset),
                'renewable' => true === $assessed->sheet?->renewsOnWish($due->task),
            ], $assessed->dues),
        ];
    }

    /** @return array<string, mixed> */
    public static function identity(Engine $engine): array
    {
        return [
            'id' => $engine->id,
            'boatId' => $engine->boatId,
            'position' => $engine->position?->value,
            'label' => $engine->label(),
            'model' => $engine->model,
            'serial' => $engine->serial,
            'year' => $engine->year,
            'gearcase' => $engine->gearcase,
            'inService' => $engine->inService->format('Y-m-d'),
            'warrantyUntil' => $engine->warrantyUntil?->format('Y-m-d'),
            'hasMeter' => $engine->hasMeter,
            'version' => $engine->version,
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
    private static function rate(UseRate $rate, \DateTimeImmutable $from): array
    {
        $change = true === $rate->change?->isNewsOn($from) ? $rate->change->text() : null;

        return [
            'hoursAYear' => (int) round($rate->tenthsAYear($from) / 10),
            'points' => $rate->points,
            'thin' => $rate->isThin(),
            'change' => $change,
        ];
    }

    /** @return array<string, mixed> */
    private static function due(TaskDue $due, int $offset): array
    {
        $assessment = $due->assessment;
        $dueTenths = $assessment->dueHoursTenths;

        return [
            'task' => $due->task->value,
            'title' => $due->task->title(),
            'action' => $due->interval->action->value,
            'interval' => $due->interval->text(),
            'within' => $due->task->within()?->value,
            'listedIn' => $due->listedIn?->value,
            'why' => $due->why(),
            'hoursShare' => $assessment->hoursShare,
            'calendarShare' => $assessment->calendarShare,
            ...DueDocument::assessment($assessment),
            'dueHours' => DueDocument::hours(null === $dueTenths ? null : max(0, $dueTenths - $offset)),
            'last' => null === $due->last ? null : ['on' => $due->last->on->format('Y-m-d'), 'hours' => DueDocument::hours(null === $due->last->at ? null : max(0, $due->last->at->tenths - $offset))],
            'expectedOn' => $due->expectedOn()?->format('Y-m-d'),
            'byUse' => $due->isExpectedByUse(),
            'forecast' => null === $due->forecast ? null : self::forecast($due->forecast),
            'severe' => null === $due->severe ? null : ['state' => $due->severe->assessment->state->value, 'why' => $due->severe->why(), 'every' => $due->severe->every->text()],
            'declined' => null === $due->declined ? null : ['on' => $due->declined->on->format('Y-m-d'), 'note' => $due->declined->note],
        ];
    }

    /** @return array<string, mixed> */
    private static function forecast(Forecast $forecast): array
    {
        return [
            'earliest' => $forecast->earliest->format('Y-m-d'),
            'likely' => $forecast->likely->format('Y-m-d'),
            'latest' => $forecast->latest?->format('Y-m-d'),
            'thin' => $forecast->thin,
            'text' => $forecast->text(),
        ];
    }
}
