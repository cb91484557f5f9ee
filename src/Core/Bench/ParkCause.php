<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

/** What an order waits for that is parked. */
enum ParkCause: string
{
    case Part = 'part';
    case Decision = 'decision';
    case Night = 'night';
    case Other = 'other';

    public function label(): ?string
    {
        return match ($this) {
            self::Part => 'a part is awaited',
            self::Decision => 'a decision is awaited',
            self::Night => 'over night',
            self::Other => null,
        };
    }
}
