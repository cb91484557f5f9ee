<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** A work with its place in the plan. */
final readonly class TimelineEntry
{
    /**
     * @param int       $startMin       minutes from the beginning
     * @param list<int> $technicians    who has hands on it, from 1; empty: nobody
     * @param bool      $helper         it takes more hands than there are technicians: call a helper
     */
    public function __construct(public PlannedWork $work, public int $startMin, public array $technicians, public bool $helper)
    {
    }

    public function id(): string
    {
        return $this->work->idOfTime();
    }

    public function attendedEndMin(): int
    {
        return $this->startMin + $this->work->attendedMin;
    }

    public function endMin(): int
    {
        return $this->attendedEndMin() + $this->work->unattendedMin;
    }

    public function timed(): TimedWork
    {
        return new TimedWork($this->work, $this->startMin, $this->endMin());
    }
}
