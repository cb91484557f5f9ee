<?php

declare(strict_types=1);

namespace FreshTack\Core\Due;

use FreshTack\Core\Schedule\DuePolicy;

/**
 * Finds the day for the next visit of a rig: the one on which the most tasks are ripe, ripe being within the shop's
 * window of days before they are due, before any goes past its grace. Of days that do equally well, the one nearest to
 * the first due day wins, and an earlier one before a later one.
 */
final readonly class VisitFinder
{
    public function __construct(private DuePolicy $policy)
    {
    }

    /** @param list<TaskDue> $dues of all engines of the rig */
    public function next(array $dues, \DateTimeImmutable $today): ?Visit
    {
        $coming = array_values(array_filter($dues, static fn (TaskDue $due): bool => null !== $due->expectedOn() && null === $due->listedIn));
        if ([] === $coming) {
            return null;
        }
        $first = min(array_map(static fn (TaskDue $due): \DateTimeImmutable => $due->expectedOn() ?? $today, $coming));
        if ($first <= $today) {
            return new Visit($today, $this->ripe($coming, $today));
        }
        $last = $first->modify(\sprintf('+%d days', $this->policy->graceDays));
        $best = new Visit($first, $this->ripe($coming, $first));
        foreach ($this->candidates($coming, $today, $last) as $day) {
            $ripe = $this->ripe($coming, $day);
            if (\count($ripe) > \count($best->dues) || (\count($ripe) === \count($best->dues) && self::nearer($day, $best->on, $first))) {
                $best = new Visit($day, $ripe);
            }
        }

        return $best;
    }

    /**
     * @param list<TaskDue> $coming
     *
     * @return list<\DateTimeImmutable> days on which one more task becomes ripe, oldest first
     */
    private function candidates(array $coming, \DateTimeImmutable $today, \DateTimeImmutable $last): array
    {
        $days = array_map(fn (TaskDue $due): \DateTimeImmutable => max($today, $this->ripeFrom($due)), $coming);
        $days = array_filter($days, static fn (\DateTimeImmutable $day): bool => $day <= $last);
        sort($days);

        return $days;
    }

    /**
     * @param list<TaskDue> $coming
     *
     * @return list<TaskDue>
     */
    private function ripe(array $coming, \DateTimeImmutable $day): array
    {
        return array_values(array_filter($coming, fn (TaskDue $due): bool => $this->ripeFrom($due) <= $day));
    }

    private function ripeFrom(TaskDue $due): \DateTimeImmutable
    {
        return ($due->expectedOn() ?? throw new \LogicException('Only tasks with a day are asked.'))->modify(\sprintf('-%d days', $this->policy->windowDays));
    }

    private static function nearer(\DateTimeImmutable $day, \DateTimeImmutable $than, \DateTimeImmutable $to): bool
    {
        return [$day->diff($to)->days, $day] < [$than->diff($to)->days, $than];
    }
}
