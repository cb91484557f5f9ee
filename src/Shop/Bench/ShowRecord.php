<?php

declare(strict_types=1);

namespace FreshTack\Shop\Bench;

use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Order\Orders;

final readonly class ShowRecord
{
    public function __construct(private Orders $orders)
    {
    }

    /**
     * @return array<mixed>
     *
     * @throws NotFound|Conflict if there is no such order, or it was not released
     */
    public function __invoke(int $number): array
    {
        return $this->orders->get($number)->record ?? throw Conflict::notReleased($number);
    }
}
