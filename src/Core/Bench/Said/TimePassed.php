<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench\Said;

use FreshTack\Core\Quantity\Minutes;

/** Time that a demo let pass. */
final readonly class TimePassed implements Detail
{
    public function __construct(public Minutes $minutes)
    {
    }

    public function asText(): string
    {
        return \sprintf('the demo let %d min pass', $this->minutes->count);
    }
}
