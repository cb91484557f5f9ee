<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use FreshTack\Core\Labour\Allowance;

/** What the counter chose, beside the tasks. */
final readonly class Wishes
{
    /**
     * @param int          $technicians who work on it at once, from 1
     * @param list<string> $kits        taken instead of loose pieces
     */
    public function __construct(
        public int $technicians = 1,
        public array $kits = [],
        public ?Allowance $allowance = null,
        public ByHand $byHand = new ByHand(),
    ) {
    }
}
