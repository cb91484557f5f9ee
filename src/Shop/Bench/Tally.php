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
    /** @param int $steps of the frozen order; 0 before it is issued */
    public function __construct(public int $steps, public int $stepsDone, public ?Observation $stoppedBy)
    {
    }

    public static function of(BenchPlan $plan, BenchLog $log): self
    {
        $done = array_filter($plan->steps, static fn (BenchStep $step): bool => $log->isDone($step));

        return new self(\count($plan->steps), \count($done), $log->stoppedBy);
    }
}
