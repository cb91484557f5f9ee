<?php

declare(strict_types=1);

namespace FreshTack\Shop\Board;

use FreshTack\Shop\Order\OrderStatus;

/** A station of the work, as the board shows it. */
enum Lane: string
{
    case Counter = 'counter';
    case Issued = 'issued';
    case Bench = 'bench';
    case Released = 'released';

    /** @return non-empty-list<OrderStatus> */
    public function statuses(): array
    {
        return match ($this) {
            self::Counter => [OrderStatus::Draft],
            self::Issued => [OrderStatus::Issued],
            self::Bench => [OrderStatus::Stopped, OrderStatus::InWork, OrderStatus::Parked],
            self::Released => [OrderStatus::Released],
        };
    }
}
