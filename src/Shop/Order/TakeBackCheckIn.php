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

/** Strikes the readings that a check-in brought, and lets the plates say what they said before. */
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
    public function __invoke(int $number, string $why, string $by): void
    {
        $brought = $this->orders->brought($number);
        foreach ($brought->readings as $engine => $line) {
            if (null === $this->logs->line($engine, LogKind::Reading, $line)->strike) {
                $this->logs->strike(LogKind::Reading, $line, new Strike($by, $this->clock->now(), $why));
                $detail = ['kind' => LogKind::Reading->value, 'line' => $line, 'why' => $why];
                $this->audit->add($by, 'engine.taken_back', Subject::engine($engine), $detail);
            }
        }
        foreach ($brought->plates as $engine => ['from' => $plate, 'meter' => $meter]) {
            $now = $this->register->engine($engine);
            $before = $this->register->identify($engine, $plate, $meter);
            if ([] !== $before->differences($now)) {
                $this->audit->add($by, 'engine.identified', Subject::engine($engine), $before->differences($now));
            }
        }
    }
}
