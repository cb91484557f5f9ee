<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench\Said;

use FreshTack\Core\Fastening\Turns;

/** How far something was turned after it touched. */
final readonly class Turned implements Detail
{
    public function __construct(public Turns $turns)
    {
    }

    public function asText(): string
    {
        return $this->turns->text().' turn after contact';
    }
}
