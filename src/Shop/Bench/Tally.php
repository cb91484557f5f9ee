<?php

declare(strict_types=1);

namespace FreshTack\Shop\Bench;

use FreshTack\Core\Bench\BenchLog;
use FreshTack\Core\Bench\BenchStep;
use FreshTack\Core\Bench\IssuedOrder;
use FreshTack\Core\Bench\Stop;

/** How far an order is at the bench. */
final readonly class Tally
{
    /**
     * @param int         $steps     of the frozen order; 0 before it is issued
     * @param string|null $stoppedBy the key of the first stop that nobody has lifted
     */
    public function __construct(public int $steps, public int $stepsDone, public ?string $stoppedBy)
    {
    }

    public static function of(IssuedOrder $plan, BenchLog $log): self
    {
        $done = array_filter($plan->steps, static fn (BenchStep $step): bool => $log->isDone($step));

        return new self(\count($plan->steps), \count($done), $log->stoppedBy()?->key);
    }

    /** What a board shows of what stopped it. */
    public function stopLabel(): ?string
    {
        return null === $this->stoppedBy ? null : Stop::labelOf($this->stoppedBy);
    }
}
