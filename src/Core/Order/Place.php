<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

/** Where the job is done. */
enum Place: string
{
    case Shop = 'shop';
    case Trailer = 'trailer';
    case Lift = 'lift';
    case Afloat = 'afloat';

    public function label(): string
    {
        return match ($this) {
            self::Shop => 'in the shop',
            self::Trailer => 'on the trailer',
            self::Lift => 'on the lift',
            self::Afloat => 'afloat',
        };
    }
}
