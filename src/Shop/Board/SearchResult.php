<?php

declare(strict_types=1);

namespace FreshTack\Shop\Board;

use FreshTack\Shop\Register\Boat;

final readonly class SearchResult
{
    /**
     * @param list<Boat>                                                $boats
     * @param list<array{number: int, status: string, boat: string}> $orders
     */
    public function __construct(public array $boats, public array $orders)
    {
    }
}
