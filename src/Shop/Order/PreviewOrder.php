<?php

declare(strict_types=1);

namespace FreshTack\Shop\Order;

use FreshTack\Core\Order\OrderBuilder;
use FreshTack\Core\Plan\GateBroken;
use FreshTack\Core\Quantity\InvalidQuantity;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Exchange\WorkOrderDocument;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Register\Register;

/** Builds the order that a draft would give. Writes nothing. */
final readonly class PreviewOrder
{
    public function __construct(private Register $register, private RequestAssembler $assembler, private OrderBuilder $builder)
    {
    }

    /** @throws NotFound|InvalidQuantity|InvalidDocument|GateBroken */
    public function __invoke(OrderFile $file, Draft $draft): OrderView
    {
        $draft = $draft->withFills($file->draft->fills);
        $boat = $this->register->boat($file->boatId);
        $assessed = $this->assembler->assess($boat, $draft);
        $request = $this->assembler->read($file->number, $draft, $assessed);

        return new OrderView($file, $boat, $assessed, null === $request ? null : WorkOrderDocument::of($this->builder->build($request), false));
    }
}
