<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use FreshTack\Core\Fastening\TorqueWrench;
use FreshTack\Core\Parts\PartsShelf;

/** What the shop has for an order. */
final readonly class Supplies
{
    /**
     * @param list<ShelfOil>     $oils
     * @param list<TorqueWrench> $wrenches
     */
    public function __construct(public array $oils, public PartsShelf $parts, public array $wrenches = [])
    {
    }
}
