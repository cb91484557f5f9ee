<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use FreshTack\Core\Plan\Position;
use FreshTack\Core\Procedure\EngineFacts;

/** A value that a picked task needs and that nobody has sourced. */
final readonly class Hole
{
    public function __construct(public Position $position, public string $path)
    {
    }

    public function label(): string
    {
        return EngineFacts::label($this->path);
    }
}
