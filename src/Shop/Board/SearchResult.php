<?php

declare(strict_types=1);

namespace FreshTack\Shop\Board;

use FreshTack\Core\Parts\CataloguePart;
use FreshTack\Shop\Register\Boat;
use FreshTack\Shop\Register\Customer;
use FreshTack\Shop\Register\Engine;

final readonly class SearchResult
{
    /**
     * @param list<Boat>                                              $boats
     * @param list<array{number: int, status: string, boat: string}> $orders
     * @param list<Customer>                                          $customers
     * @param list<Engine>                                            $engines   in store
     * @param list<CataloguePart>                                     $parts
     * @param int                                                     $more      that fit as well and are not shown
     */
    public function __construct(public array $boats, public array $orders, public array $customers, public array $engines, public array $parts, public int $more)
    {
    }
}
