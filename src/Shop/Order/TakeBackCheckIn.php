<?php

declare(strict_types=1);

namespace FreshTack\Shop\Order;

use FreshTack\Shop\Audit\AuditLog;
use FreshTack\Shop\Audit\Subject;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Register\EngineLogs;
use FreshTack\Shop\Register\Register;
use FreshTack\Shop\TakenBack\LogKind;
use FreshTack\Shop\TakenBack\Strike;
use Psr\Clock\ClockInterface;

/** Strikes the readings that a check-in brought, and lets the plates that it changed say what they said before. */
final readonly class TakeBackCheckIn
{
    public function __construct(
        private Orders $orders,
        private Register $register,
        private EngineLogs $logs,
        private AuditLog $audit,
        private ClockInterface $clock,
    ) {
    }

    /** @throws NotFound|Conflict if a serial number of before is on another engine by now */
    public function __invoke(OrderFile $file, string $why, string $by): void
    {
        $brought = $this->orders->brought($file->number);
        foreach ($brought->readings as $engine => $line) {
            if (null === $this->logs->line($engine, LogKind::Reading, $line)->strike) {
                $this->logs->strike(LogKind::Reading, $line, new Strike($by, $this->clock->now(), $why));
                $detail = ['kind' => LogKind::Reading->value, 'line' => $line, 'why' => $why];
                $this->audit->add($by, 'engine.taken_back', Subject::engine($engine), $detail);
            }
        }
        foreach ($file->draft->engines as $entered) {
            $before = $brought->plates[$entered->engineId] ?? null;
            $now = $this->register->engine($entered->engineId);
            // a plate that somebody has put right since stays as it is
            if (null !== $before && $now->plate()->isSameAs($entered->plate())) {
                $then = $this->register->identify($now->id, $before['from'], $before['meter']);
                $this->audit->add($by, 'engine.identified', Subject::engine($now->id), $then->differences($now));
            }
        }
    }
}
