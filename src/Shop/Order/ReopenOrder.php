<?php

declare(strict_types=1);

namespace FreshTack\Shop\Order;

use FreshTack\Shop\Audit\AuditLog;
use FreshTack\Shop\Audit\Move;
use FreshTack\Shop\Audit\Subject;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Register\Register;
use FreshTack\Shop\Unit;

/** Brings an order back that was discarded or cancelled. Readings that were taken back with it stay so. */
final readonly class ReopenOrder
{
    public function __construct(private Orders $orders, private Register $register, private AuditLog $audit, private Unit $unit)
    {
    }

    /** @throws NotFound|Conflict if it is not closed, or other engines hang on its boat by now */
    public function __invoke(int $number, string $by): OrderFile
    {
        return $this->unit->run(function () use ($number, $by): OrderFile {
            $boatId = $this->orders->get($number)->boatId;
            $this->register->lock($boatId);
            $boat = $this->register->boat($boatId);
            $file = $this->orders->getForWork($number);
            $to = match ($file->status) {
                OrderStatus::Discarded => OrderStatus::Draft,
                OrderStatus::Cancelled => [] === $this->orders->entries($number) ? OrderStatus::Issued : OrderStatus::InWork,
                default => throw Conflict::wrongStatus($number, $file->status->value, 'brought back'),
            };
            $file->draft->isOf($boat) || throw Conflict::otherEngines($number, $boat->name);
            $move = Move::between($file->status->value, $to->value);
            $this->audit->add($by, 'order.brought_back', Subject::order($number), [], $move);

            return $this->orders->reopen($number, $to);
        });
    }
}
