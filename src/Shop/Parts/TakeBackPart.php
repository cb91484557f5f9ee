<?php

declare(strict_types=1);

namespace FreshTack\Shop\Parts;

use FreshTack\Shop\Audit\AuditLog;
use FreshTack\Shop\Audit\Subject;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Order\Orders;
use FreshTack\Shop\Unit;

/** A part that was held against the order by mistake counts as not held. Held again, it is back. */
final readonly class TakeBackPart
{
    public function __construct(
        private Orders $orders,
        private Confirmations $confirmations,
        private ShowCart $show,
        private AuditLog $audit,
        private Unit $unit,
    ) {
    }

    /**
     * @param string $engine as the order calls it
     *
     * @throws NotFound|Conflict if it is not held, or the order is not at the bench
     */
    public function __invoke(int $order, string $number, string $engine, string $why, string $by): CartView
    {
        return $this->unit->run(function () use ($order, $number, $engine, $why, $by): CartView {
            $file = $this->orders->getForWork($order);
            $file->status->isAtBench() || throw Conflict::wrongStatus($order, $file->status->value, 'checked');
            $this->confirmations->remove($order, $number, $engine);
            $detail = ['number' => $number, 'engine' => $engine, 'why' => $why];
            $this->audit->add($by, 'cart.taken_back', Subject::order($order), $detail);

            return ($this->show)($order);
        });
    }
}
