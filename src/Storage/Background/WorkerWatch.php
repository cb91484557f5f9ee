<?php

declare(strict_types=1);

namespace FreshTack\Storage\Background;

use FreshTack\Storage\Upkeep\LiveDatabase;
use FreshTack\Storage\Upkeep\Sweep;
use FreshTack\Storage\Upkeep\SweepRows;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\Messenger\Event\WorkerRunningEvent;

/** Between two jobs: shows that the worker is there, sweeps once an hour, ends it when another database is the shop's. */
#[AsEventListener]
final class WorkerWatch
{
    private const HOUR_NS = 3_600_000_000_000;
    private ?int $sweptAt = null;

    public function __construct(
        private readonly LiveDatabase $live,
        private readonly Sweep $sweep,
        private readonly SweepRows $sweepRows,
        private readonly WorkerPulse $pulse,
    ) {
    }

    public function __invoke(WorkerRunningEvent $event): void
    {
        $this->pulse->beat();
        if (null === $this->sweptAt || hrtime(true) - $this->sweptAt > self::HOUR_NS) {
            $this->sweptAt = (int) hrtime(true);
            ($this->sweep)();
            ($this->sweepRows)();
        }
        if (!$this->live->isConnected()) {
            $event->getWorker()->stop();
        }
    }
}
