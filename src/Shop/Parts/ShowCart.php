<?php

declare(strict_types=1);

namespace FreshTack\Shop\Parts;

use FreshTack\Core\Parts\CartAnswer;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Order\Orders;
use FreshTack\Shop\Register\Register;

/** What lies on the cart of an issued order, and which of it was held against the serial numbers. */
final readonly class ShowCart
{
    public function __construct(private Orders $orders, private Register $register, private Confirmations $confirmations)
    {
    }

    /** @throws NotFound|Conflict if there is no such order, or it was not issued */
    public function __invoke(int $number, ?CartAnswer $answer = null): CartView
    {
        $file = $this->orders->get($number);
        $file->issuedDocument();

        return new CartView($file, $this->register->boat($file->boatId)->name, $this->confirmations->of($number), $answer);
    }
}
