<?php

declare(strict_types=1);

namespace FreshTack\Shop\Order;

use FreshTack\Core\Order\OrderBuilder;
use FreshTack\Core\Plan\CannotPlan;
use FreshTack\Core\Plan\Effort;
use FreshTack\Core\Plan\GateBroken;
use FreshTack\Core\Quantity\InvalidQuantity;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Core\SpecBook\SheetHead;
use FreshTack\Exchange\Json;
use FreshTack\Exchange\PlanSeal;
use FreshTack\Exchange\WorkOrderDocument;
use FreshTack\Shop\Board\EngineAssessment;
use FreshTack\Shop\Book\SpecBook;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Register\Register;

/** Builds an order from the book of today, and holds the sheets that it rests on until the unit of work is over. */
final readonly class FreezeOrder
{
    public function __construct(
        private Register $register,
        private RequestAssembler $assembler,
        private OrderBuilder $builder,
        private SpecBook $book,
        private ForeseeReady $ready,
    ) {
    }

    /**
     * @param string|null $seen the seal of the plan that was looked at; null: nobody looked
     *
     * @throws NotFound|Conflict|InvalidDocument|InvalidQuantity|GateBroken|CannotPlan if there is nothing to issue, or
     *         the plan is another than the one that was seen
     */
    public function __invoke(OrderFile $file, ?string $seen = null): FrozenOrder
    {
        $boat = $this->register->boat($file->boatId);
        $assessed = $this->assembler->assess($boat, $file->draft);
        $request = $this->assembler->request($file->number, $file->draft, $boat, $assessed) ?? throw Conflict::nothingToIssue();
        $order = $this->builder->build($request, Effort::Full);
        $order->hasWork() || throw Conflict::nothingToIssue();
        $sheets = array_map(static fn (EngineAssessment $engine): ?SheetHead => $engine->sheet?->head, $assessed);
        $this->book->hold(...array_values(array_filter($sheets, static fn (?SheetHead $head): bool => null !== $head)));

        $document = WorkOrderDocument::of($order);
        null === $seen || $seen === PlanSeal::of($document) || throw Conflict::planChanged();

        return new FrozenOrder(
            Json::encode($this->assembler->document($request, $file->draft, $assessed)),
            Json::encode($document),
            \count($order->blocked()),
            ($this->ready)($order, $file->draft)->planned->at,
        );
    }
}
