<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan\Sequence;

/** When each activity begins. */
final readonly class SequencePlan
{
    /**
     * @param list<int> $startsMin     by activity, minutes from the beginning
     * @param int       $makespanMin   when the last one ends
     * @param int       $lowerBoundMin no plan can end sooner
     * @param int       $schedules     tried to find it
     */
    public function __construct(public SequenceProblem $problem, public array $startsMin, public int $makespanMin, public int $lowerBoundMin, public int $schedules)
    {
    }

    public function isProvenOptimal(): bool
    {
        return $this->makespanMin === $this->lowerBoundMin;
    }
}
