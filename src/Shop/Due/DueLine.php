<?php

declare(strict_types=1);

namespace FreshTack\Shop\Due;

use FreshTack\Core\Due\TaskDue;
use FreshTack\Core\Schedule\DueState;
use FreshTack\Core\Schedule\DueTimes;
use FreshTack\Core\SpecBook\Task;

/** The days of one task of one engine, as they are kept for the board and the calendar. */
final readonly class DueLine
{
    /**
     * @param bool     $byUse           the expected day is a forecast
     * @param bool     $listedElsewhere part of a longer task that is called for
     * @param int|null $dueTenths       tenths of an hour on the meter at which it is due
     * @param int      $sequence        one more with every change; 0 for one not kept yet
     */
    public function __construct(
        public Task $task,
        public DueTimes $times,
        public ?\DateTimeImmutable $expectedOn,
        public bool $byUse,
        public bool $listedElsewhere,
        public ?int $dueTenths,
        public int $sequence = 0,
        public ?\DateTimeImmutable $changedAt = null,
    ) {
    }

    /** @param int $offsetTenths that brings the meter's figures to the true total */
    public static function of(TaskDue $due, int $offsetTenths): self
    {
        $tenths = $due->assessment->dueHoursTenths;

        return new self($due->task, $due->times, $due->expectedOn(), $due->isExpectedByUse(), null !== $due->listedIn, null === $tenths ? null : max(0, $tenths - $offsetTenths));
    }

    public function stateOn(\DateTimeImmutable $day): DueState
    {
        return $this->times->stateOn($day);
    }

    /** Whether a calendar that has the one would have to learn of the other. */
    public function saysTheSameAs(self $other): bool
    {
        return $this->told() === $other->told();
    }

    /** @return list<mixed> */
    private function told(): array
    {
        $days = array_map(static fn (?\DateTimeImmutable $day): ?string => $day?->format('Y-m-d'), [$this->times->soonOn, $this->times->dueOn, $this->times->overdueOn, $this->expectedOn]);

        return [$this->task, $days, $this->times->unrecorded, $this->byUse, $this->listedElsewhere, $this->dueTenths];
    }
}
