<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

final readonly class ToolLine
{
    /** @param list<Position> $positions */
    public function __construct(public string $name, public ?string $size, public array $positions)
    {
    }
}
