<?php

declare(strict_types=1);

namespace FreshTack\Shop\Order;

use FreshTack\Core\Order\OrderBuilder;
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

        return new OrderView($file, $asked->boat, $asked->assessed, $this->document($asked));
    }

    /**
     * The work alone: it follows the hand.
     *
     * @return array<string, mixed>|null null if no engine has a sheet
     *
     * @throws NotFound|InvalidQuantity|InvalidDocument|GateBroken|CannotPlan
     */
    public function work(OrderFile $file, Draft $draft): ?array
    {
        return $this->document($this->requests->ofPicked($file, $draft));
    }

    /**
     * @return array<string, mixed>|null
     *
     * @throws GateBroken|CannotPlan
     */
    private function document(DraftRequest $asked): ?array
    {
        return null === $asked->request ? null : WorkOrderDocument::of($this->builder->build($asked->request), false);
    }
}
