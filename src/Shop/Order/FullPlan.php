<?php

declare(strict_types=1);

namespace FreshTack\Shop\Order;

use FreshTack\Core\Quantity\Minutes;

/** The order as it would be issued. */
final readonly class FullPlan
{
    /**
     * @param string               $seal  that the order is issued by
     * @param array<string, mixed> $work  the work order with its timeline
     * @param Minutes              $alone of people, if every task were done in an order of its own
     */
    public function __construct(public string $seal, public array $work, public Readiness $ready, public Minutes $alone)
    {
    }
}
