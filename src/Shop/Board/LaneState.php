<?php

declare(strict_types=1);

namespace FreshTack\Shop\Board;

final readonly class LaneState
{
    /**
     * @param int             $count  of all orders in the lane
     * @param list<LaneOrder> $orders the first of them
     */
    public function __construct(public Lane $lane, public int $count, public array $orders)
    {
    }
}
