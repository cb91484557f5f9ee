<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use FreshTack\Core\Plan\Position;
use FreshTack\Core\Quantity\Minutes;
use FreshTack\Core\SpecBook\Task;

/** What a task more would take in this order, and what it would take in one of its own. */
final readonly class Offer
{
    /**
     * @param Minutes $now   hands-on minutes that it adds here, openings shared
     * @param Minutes $alone hands-on minutes of an order with nothing else
     */
    public function __construct(public Position $position, public Task $task, public Minutes $now, public Minutes $alone)
    {
    }

    /** Minutes; never below zero. */
    public function savesMin(): int
    {
        return max(0, $this->alone->count - $this->now->count);
    }
}
