<?php

declare(strict_types=1);

namespace FreshTack\Shop\TakenBack;

use FreshTack\Core\Plan\Position;

/** Where an engine hangs. */
final readonly class Place
{
    public function __construct(public int $boatId, public Position $position)
    {
    }

    public static function same(?self $one, ?self $other): bool
    {
        return $one?->boatId === $other?->boatId && $one?->position === $other?->position;
    }
}
