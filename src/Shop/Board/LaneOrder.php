<?php

declare(strict_types=1);

namespace FreshTack\Shop\Board;

use FreshTack\Shop\Bench\Tally;
use FreshTack\Shop\Order\OrderStatus;

/** An order as the board shows it. */
final readonly class LaneOrder
{
    public function __construct(
        public int $number,
        public OrderStatus $status,
        public int $boatId,
        public string $boatName,
        public Tally $tally,
    ) {
    }
}
