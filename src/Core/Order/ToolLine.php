<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

final readonly class ToolLine
{
    /**
     * @param list<Position> $positions
     * @param list<string>   $uses      titles of the operations that need it
     */
    public function __construct(public string $name, public ?string $size, public array $positions, public array $uses)
    {
    }
}
