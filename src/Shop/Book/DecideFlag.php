<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

use FreshTack\Core\Plan\CannotPlan;
use FreshTack\Core\Plan\GateBroken;
use FreshTack\Core\Quantity\InvalidQuantity;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Exchange\WorkOrderDocument;
use FreshTack\Shop\Account\Account;
use FreshTack\Shop\Audit\AuditLog;
use FreshTack\Shop\Audit\Move;
use FreshTack\Shop\Audit\Subject;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Order\FreezeOrder;
use FreshTack\Shop\Order\OrderFile;
use FreshTack\Shop\Order\Orders;
use FreshTack\Shop\Order\OrderStatus;
use FreshTack\Shop\Unit;
use Psr\Clock\ClockInterface;

/** The manager's word on an order that is not of today: keep the frozen values, or make it anew from the book, each with the reason. */
final readonly class DecideFlag
{
    public function __construct(
        private OrderFlags $flags,
        private Orders $orders,
        private FreezeOrder $freeze,
        private AuditLog $audit,
        private Unit $unit,
        private ClockInterface $clock,
    ) {
    }

    /** @throws NotFound|Conflict if it was decided already */
    public function keep(int $id, string $reason, Account $by): void
    {
        $this->unit->run(function () use ($id, $reason, $by): true {
            $flag = $this->flags->getToDecide($id);
            $this->decided($flag, 'kept', $reason, $by);

            return true;
        });
    }

    /** @throws NotFound|Conflict|InvalidDocument|InvalidQuantity|GateBroken|CannotPlan if work on the order has begun */
    public function renew(int $id, string $reason, Account $by): void
    {
        $this->unit->run(function () use ($id, $reason, $by): true {
            $file = $this->orders->getForWork($this->flags->get($id)->orderNumber);
            $this->flags->getToDecide($id);
            $this->refreeze($file, $reason, $by);

            return true;
        });
    }

    /**
     * An order that was issued in an earlier format needs no flag to be made anew.
     *
     * @throws NotFound|Conflict|InvalidDocument|InvalidQuantity|GateBroken|CannotPlan if work on it has begun, or it is
     *         of today's format
     */
    public function renewOld(int $number, string $reason, Account $by): OrderFile
    {
        return $this->unit->run(function () use ($number, $reason, $by): OrderFile {
            $file = $this->orders->getForWork($number);
            if (WorkOrderDocument::FORMAT === ($file->issuedDocument()['format'] ?? null)) {
                throw Conflict::ofTodaysFormat($number);
            }

            return $this->refreeze($file, $reason, $by);
        });
    }

    /** @throws NotFound|Conflict|InvalidDocument|InvalidQuantity|GateBroken|CannotPlan */
    private function refreeze(OrderFile $file, string $reason, Account $by): OrderFile
    {
        if (OrderStatus::Issued !== $file->status || [] !== $this->orders->entries($file->number)) {
            throw Conflict::workHasBegun($file->number);
        }
        $renewed = $this->orders->refreeze($file->number, ($this->freeze)($file), $by->username, $this->clock->now());
        foreach ($this->flags->ofOrder($file->number) as $waiting) {
            $this->decided($this->flags->getToDecide($waiting->id), 'renewed', $reason, $by);
        }
        $this->audit->add($by->username, 'order.renewed', Subject::order($file->number), ['reason' => $reason]);

        return $renewed;
    }

    /** @throws NotFound */
    private function decided(OrderFlag $flag, string $decision, string $reason, Account $by): void
    {
        $this->flags->decide($flag->id, $decision, $reason, $by->name, $this->clock->now());
        $detail = ['order' => $flag->orderNumber, 'sheet' => $flag->sheetId, 'revision' => $flag->toRevision, 'reason' => $reason];
        $this->audit->add($by->username, 'flag.'.$decision, Subject::flag($flag->id), $detail, Move::between('waiting', $decision));
    }
}
