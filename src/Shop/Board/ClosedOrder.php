<?php

declare(strict_types=1);

namespace FreshTack\Shop\Board;

use FreshTack\Shop\Order\Closing;
use FreshTack\Shop\Order\OrderStatus;

/** An order that was discarded or cancelled. */
final readonly class ClosedOrder
{
    public function __construct(public int $number, public OrderStatus $status, public string $boat, public Closing $closing)
    {
    }
}
