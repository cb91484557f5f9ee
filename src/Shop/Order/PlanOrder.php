<?php

declare(strict_types=1);

namespace FreshTack\Shop\Order;

use FreshTack\Core\Order\OrderBuilder;
use FreshTack\Core\Order\RequestReader;
use FreshTack\Core\Plan\Effort;
use FreshTack\Core\Plan\GateBroken;
use FreshTack\Core\Plan\Timeline;
use FreshTack\Core\Quantity\InvalidQuantity;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Register\Register;

/** When the work of a draft would be done and by whom. Writes nothing. */
final readonly class PlanOrder
{
    public function __construct(private Register $register, private RequestAssembler $assembler, private OrderBuilder $builder)
    {
    }

    /**
     * @return Timeline|null null if no engine has a sheet
     *
     * @throws NotFound|InvalidQuantity|InvalidDocument|GateBroken
     */
    public function __invoke(OrderFile $file, Draft $draft): ?Timeline
    {
        $draft = $draft->withFills($file->draft->fills);
        $assessed = $this->assembler->assess($this->register->boat($file->boatId), $draft);
        $request = $this->assembler->request($file->number, $draft, $assessed);

        return null === $request ? null : $this->builder->build(RequestReader::read($request, $this->assembler->known($draft, $assessed)), Effort::Preview)->timeline;
    }
}
