<?php

declare(strict_types=1);

namespace FreshTack\Shop\Order;

use FreshTack\Core\Order\OrderBuilder;
use FreshTack\Core\Order\WhileThere;
use FreshTack\Core\Plan\CannotPlan;
use FreshTack\Core\Plan\Effort;
use FreshTack\Core\Plan\GateBroken;
use FreshTack\Core\Quantity\InvalidQuantity;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Exchange\PlanSeal;
use FreshTack\Exchange\WorkOrderDocument;
use FreshTack\Shop\NotFound;

/** When the work of a draft would be done and by whom. Writes nothing. */
final readonly class PlanOrder
{
    public function __construct(
        private DraftRequests $requests,
        private OrderBuilder $builder,
        private WhileThere $whileThere,
        private ForeseeReady $ready,
    ) {
    }

    /**
     * @return OrderPlan|null null if there is nothing to do
     *
     * @throws NotFound|InvalidQuantity|InvalidDocument|GateBroken|CannotPlan
     */
    public function __invoke(OrderFile $file, Draft $draft): ?OrderPlan
    {
        $request = $this->requests->ofPicked($file, $draft)->request;
        if (null === $request) {
            return null;
        }
        $order = $this->builder->build($request, Effort::Preview);

        return $order->hasWork() ? new OrderPlan($order->timeline, ($this->ready)($order, $draft), $this->whileThere->alone($request)->plus($order->byHand())) : null;
    }

    /**
     * The plan that would be issued: as much is tried for it as for an order that is issued.
     *
     * @return FullPlan|null null if there is nothing to do
     *
     * @throws NotFound|InvalidQuantity|InvalidDocument|GateBroken|CannotPlan
     */
    public function full(OrderFile $file, Draft $draft): ?FullPlan
    {
        $request = $this->requests->ofPicked($file, $draft)->request;
        if (null === $request) {
            return null;
        }
        $order = $this->builder->build($request, Effort::Full);
        $work = WorkOrderDocument::of($order);

        return $order->hasWork()
            ? new FullPlan(
                PlanSeal::of($work),
                $work,
                ($this->ready)($order, $draft),
                $this->whileThere->alone($request)->plus($order->byHand()),
            )
            : null;
    }
}
