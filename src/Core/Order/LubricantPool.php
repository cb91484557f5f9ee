<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use FreshTack\Core\Fluid\ContainerPlan;
use FreshTack\Core\Plan\Position;
use FreshTack\Core\Quantity\Volume;

/** A lubricant that is not engine oil, for all engines that take it; counted where the sheet gives an amount. */
final readonly class LubricantPool
{
    /**
     * @param string                   $name      as the sheet calls it
     * @param non-empty-list<Position> $positions
     * @param non-empty-list<string>   $uses      titles of the operations that need it
     * @param string                   $firstUse  id of the operation that needs it first
     * @param Volume|null              $need      null: nobody counts it, a loaded gun or a tube lies ready
     * @param ContainerPlan|null       $plan      of what is not counted one container; null: the shelf fails or does not keep it
     * @param string|null              $shortage  why the shelf fails
     * @param string                   $why       how the need is made up
     */
    public function __construct(
        public string $name,
        public array $positions,
        public array $uses,
        public string $firstUse,
        public ?Volume $need,
        public ?ContainerPlan $plan,
        public ?string $shortage,
        public string $why,
    ) {
    }
}
