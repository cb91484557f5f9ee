<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** A work in its place in time, with those who do it. */
final readonly class TimedWork
{
    /** Minute from which on nobody is held by it. */
    public int $heldEndMin;
    public int $endMin;

    /**
     * @param int       $startMin    minutes from the beginning of the plan
     * @param list<int> $technicians from 1; empty: nobody is held by it
     */
    public function __construct(public PlannedWork $work, public int $startMin, public array $technicians = [1])
    {
        $this->heldEndMin = $startMin + $work->hands->heldMin;
        $this->endMin = $this->heldEndMin + $work->hands->unattendedMin;
    }

    public function handsOnEndMin(): int
    {
        return $this->startMin + $this->work->hands->handsOnMin;
    }

    public function position(): string
    {
        return $this->work->position->value ?? 'rig';
    }

    /** Whether somebody is at both at the same time. */
    public function isHeldWith(self $other): bool
    {
        return $this->startMin < $other->heldEndMin && $other->startMin < $this->heldEndMin;
    }

    /** @return list<int> who does both */
    public function sameHands(self $other): array
    {
        return array_values(array_intersect($this->technicians, $other->technicians));
    }
}
