<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench\Said;

use FreshTack\Core\Quantity\Volume;

/** Oil that went in, or was taken out again. */
final readonly class Amount implements Detail
{
    /** @param string $verb as a record tells it: poured, took out */
    public function __construct(public Volume $volume, private string $verb)
    {
    }

    public function asText(): string
    {
        return $this->verb.' '.$this->volume->inBothUnits();
    }
}
