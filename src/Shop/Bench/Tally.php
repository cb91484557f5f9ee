<?php

declare(strict_types=1);

namespace FreshTack\Shop\Bench;

use FreshTack\Core\Bench\BenchLog;
use FreshTack\Core\Bench\BenchPlan;
use FreshTack\Core\Bench\BenchStep;
use FreshTack\Core\Finding\Observation;

/** How far an order is at the bench. */
final readonly class Tally
{
    private function __construct(public int $steps, public int $stepsDone, public ?Observation $stoppedBy)
    {
    }

    public static function of(BenchPlan $plan, BenchLog $log): self
    {
        return new self(\count($plan->steps), \count(array_filter($plan->steps, static fn (BenchStep $step): bool => $log->isDone($step))), $log->stoppedBy);
    }

    /** @param int $steps of an order that was just issued */
    public static function start(int $steps): self
    {
        return new self($steps, 0, null);
    }
}
