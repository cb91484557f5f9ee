<?php

declare(strict_types=1);

namespace FreshTack\Shop\Order;

use FreshTack\Core\Plan\CannotPlan;
use FreshTack\Core\Plan\GateBroken;
use FreshTack\Core\Quantity\InvalidQuantity;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Shop\Audit\AuditLog;
use FreshTack\Shop\Audit\Move;
use FreshTack\Shop\Audit\Subject;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Unit;
use Psr\Clock\ClockInterface;

/** Freezes an order: from here on it is read as it was issued, whatever becomes of the book. Blocked tasks stay parked. */
final readonly class IssueOrder
{
    public function __construct(
        private Orders $orders,
        private FreezeOrder $freeze,
        private AuditLog $audit,
        private Unit $unit,
        private ClockInterface $clock,
    ) {
    }

    /**
     * @param string|null $seen the seal of the plan that was looked at
     *
     * @throws NotFound|Conflict|InvalidDocument|InvalidQuantity|GateBroken|CannotPlan if nothing can be issued, the
     *         draft changed since `$version`, or the plan since it was seen
     */
    public function __invoke(int $number, int $version, ?string $seen, string $by): OrderFile
    {
        return $this->unit->run(function () use ($number, $version, $seen, $by): OrderFile {
            $file = $this->orders->getForWork($number);
            if (OrderStatus::Draft !== $file->status) {
                throw Conflict::wrongStatus($number, $file->status->value, 'issued');
            }
            $frozen = ($this->freeze)($file, $seen);
            $this->audit->add(
                $by,
                'order.issued',
                Subject::order($number),
                ['parked' => $frozen->parked],
                Move::between('draft', 'issued'),
            );

            return $this->orders->freeze($number, $version, $frozen, $by, $this->clock->now());
        });
    }
}
