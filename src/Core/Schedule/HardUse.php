<?php

declare(strict_types=1);

namespace FreshTack\Core\Schedule;

/** The kinds of severe use that a schedule can answer with a shorter interval. */
enum HardUse: string
{
    case Salt = 'salt';
    case Moored = 'moored';
    case Commercial = 'commercial';
    case Idling = 'idling';
    case Silt = 'silt';

    public function label(): string
    {
        return match ($this) {
            self::Salt => 'salt water',
            self::Moored => 'kept moored',
            self::Commercial => 'commercial use',
            self::Idling => 'long idling',
            self::Silt => 'dusty or silty water',
        };
    }
}
