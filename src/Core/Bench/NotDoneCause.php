<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

/** Why something could not be done. */
enum NotDoneCause: string
{
    case Seized = 'seized';
    case Damaged = 'damaged';
    case PartShort = 'part_short';
    case NoTime = 'no_time';
    case Customer = 'customer';
    case Other = 'other';

    public function label(): ?string
    {
        return match ($this) {
            self::Seized => 'seized',
            self::Damaged => 'damaged',
            self::PartShort => 'part short',
            self::NoTime => 'no time',
            self::Customer => 'the customer does not want it',
            self::Other => null,
        };
    }
}
