<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use FreshTack\Core\Fastening\WrenchChoice;

final readonly class ToolLine
{
    /**
     * @param list<Position> $positions
     * @param string         $firstUse  id of the operation that needs it first
     * @param string|null    $standIn   a size that may turn it, never for the final torque
     * @param WrenchChoice|null $wrench   for a torque: which wrench of the shop
     * @param list<string>   $uses      titles of the operations that need it
     */
    public function __construct(public string $name, public ?string $size, public array $positions, public array $uses, public ?string $standIn = null, public ?WrenchChoice $wrench = null, public string $firstUse = '')
    {
    }
}
