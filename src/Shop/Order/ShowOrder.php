<?php

declare(strict_types=1);

namespace FreshTack\Shop\Order;

use FreshTack\Core\Plan\CannotPlan;
use FreshTack\Core\Plan\GateBroken;
use FreshTack\Core\Quantity\InvalidQuantity;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Shop\Book\OrderFlags;
use FreshTack\Shop\Book\SpecBook;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Register\Register;
use FreshTack\Shop\Seal\Seals;

/** A draft is shown as it would be built now; an issued order as it was frozen. */
final readonly class ShowOrder
{
    public function __construct(
        private Orders $orders,
        private Register $register,
        private RequestAssembler $assembler,
        private PreviewOrder $preview,
        private OrderFlags $flags,
        private SpecBook $book,
        private Seals $seals,
    ) {
    }

    /** @throws NotFound|InvalidQuantity|InvalidDocument|GateBroken|CannotPlan */
    public function __invoke(int $number): OrderView
    {
        $file = $this->orders->get($number);
        if (null === $file->document) {
            $view = ($this->preview)($file, $file->draft);

            $flaw = \in_array($file->status, [OrderStatus::Draft, OrderStatus::Discarded], true)
                ? null
                : $this->seals->flawOfOrder($number);

            return new OrderView($view->file, $view->boat, $view->engines, $view->work, [], $this->book->tasks(), $flaw);
        }
        $boat = $this->register->boat($file->boatId);

        return new OrderView(
            $file,
            $boat,
            $this->assembler->assess($boat, $file->draft),
            $file->document,
            $this->flags->ofOrder($number),
            $this->book->tasks(),
            $this->seals->flawOfOrder($number),
        );
    }
}
