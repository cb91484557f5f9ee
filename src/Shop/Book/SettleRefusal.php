<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

use FreshTack\Shop\Account\Account;
use FreshTack\Shop\Audit\AuditLog;
use FreshTack\Shop\Audit\Move;
use FreshTack\Shop\Audit\Subject;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Unit;
use Psr\Clock\ClockInterface;

final readonly class SettleRefusal
{
    public function __construct(private Refusals $refusals, private AuditLog $audit, private Unit $unit, private ClockInterface $clock)
    {
    }

    /** @throws NotFound|Conflict */
    public function __invoke(int $id, Account $by): void
    {
        $this->unit->run(function () use ($id, $by): true {
            $this->refusals->settle($id, $by->name, $this->clock->now());
            $this->audit->add($by->username, 'refusal.settled', Subject::refusal($id), [], Move::between('waiting', 'settled'));

            return true;
        });
    }
}
