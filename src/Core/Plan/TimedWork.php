<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** A work in its place in time: minutes from the beginning of the plan. */
final readonly class TimedWork
{
    public function __construct(public PlannedWork $work, public int $startMin, public int $endMin)
    {
    }
}
