<?php

declare(strict_types=1);

namespace FreshTack\Shop\Order;

use FreshTack\Core\Order\OrderBuilder;
use FreshTack\Core\Order\WorkOrder;
use FreshTack\Core\Plan\CannotPlan;
use FreshTack\Core\Plan\GateBroken;
use FreshTack\Core\Quantity\InvalidQuantity;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Exchange\WorkOrderDocument;
use FreshTack\Shop\NotFound;

/** Builds the order that a draft would give. Writes nothing. */
final readonly class PreviewOrder
{
    public function __construct(private DraftRequests $requests, private OrderBuilder $builder)
    {
    }

    /** @throws NotFound|InvalidQuantity|InvalidDocument|GateBroken|CannotPlan */
    public function __invoke(OrderFile $file, Draft $draft): OrderView
    {
        $asked = $this->requests->of($file, $draft);

        $order = $this->order($asked);

        return new OrderView($file, $asked->boat, $asked->assessed, null === $order ? null : WorkOrderDocument::of($order, false));
    }

    /**
     * What the counter looks at of the work alone: it follows the hand.
     *
     * @return array<string, mixed>|null null if no engine has a sheet
     *
     * @throws NotFound|InvalidQuantity|InvalidDocument|GateBroken|CannotPlan
     */
    public function sketch(OrderFile $file, Draft $draft): ?array
    {
        $order = $this->order($this->requests->ofPicked($file, $draft));

        return null === $order ? null : WorkOrderDocument::sketch($order);
    }

    /** @throws GateBroken|CannotPlan */
    private function order(DraftRequest $asked): ?WorkOrder
    {
        return null === $asked->request ? null : $this->builder->build($asked->request);
    }
}
