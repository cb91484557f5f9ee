<?php

declare(strict_types=1);

namespace FreshTack\Exchange;

use FreshTack\Core\Schedule\DueAssessment;

/** What is due, as the open document that `due:assess` writes. Hours are decimals as text, days whole numbers. */
final readonly class DueDocument
{
    /**
     * @param list<array{string, DueAssessment}> $assessed
     *
     * @return array{tasks: list<array<string, mixed>>}
     */
    public static function of(array $assessed): array
    {
        return ['tasks' => array_map(static fn (array $task): array => ['id' => $task[0], ...self::assessment($task[1])], $assessed)];
    }

    /** @return array<string, mixed> */
    public static function assessment(DueAssessment $assessment): array
    {
        return [
            'state' => $assessment->state->value,
            'by' => $assessment->by?->value,
            'dueDate' => $assessment->dueDate?->format('Y-m-d'),
            'dueHours' => self::hours($assessment->dueHoursTenths),
            'daysLeft' => $assessment->daysLeft,
            'hoursLeft' => self::hours($assessment->hoursLeftTenths),
        ];
    }

    /** @param int|null $tenths of an hour, below zero once past */
    public static function hours(?int $tenths): ?string
    {
        return null === $tenths ? null : \sprintf('%s%d.%d', $tenths < 0 ? '-' : '', intdiv(abs($tenths), 10), abs($tenths) % 10);
    }
}
