<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** A work in its place in time, with those who do it. */
final readonly class TimedWork
{
    /**
     * @param int       $startMin    minutes from the beginning of the plan
     * @param list<int> $technicians from 1; empty: nobody is held by it
     */
    public function __construct(public PlannedWork $work, public int $startMin, public array $technicians = [1])
    {
    }

    public function handsOnEndMin(): int
    {
        return $this->startMin + $this->work->hands->handsOnMin;
    }

    /** Minute from which on nobody is held by it. */
    public function heldEndMin(): int
    {
        return $this->startMin + $this->work->hands->heldMin();
    }

    public function endMin(): int
    {
        return $this->heldEndMin() + $this->work->hands->unattendedMin;
    }

    public function position(): string
    {
        return $this->work->position->value ?? 'rig';
    }

    /** Whether somebody is at both at the same time. */
    public function isHeldWith(self $other): bool
    {
        return $this->startMin < $other->heldEndMin() && $other->startMin < $this->heldEndMin();
    }

    /** @return list<int> who does both */
    public function sameHands(self $other): array
    {
        return array_values(array_intersect($this->technicians, $other->technicians));
    }
}
