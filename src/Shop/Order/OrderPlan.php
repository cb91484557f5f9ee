<?php

declare(strict_types=1);

namespace FreshTack\Shop\Order;

use FreshTack\Core\Plan\Timeline;
use FreshTack\Core\Quantity\Minutes;

/** When the work of a draft would be done, when the boat is ready, and what it would take task by task. */
final readonly class OrderPlan
{
    /** @param Minutes $alone hands-on, if every task were done in an order of its own */
    public function __construct(public Timeline $timeline, public Readiness $ready, public Minutes $alone)
    {
    }
}
