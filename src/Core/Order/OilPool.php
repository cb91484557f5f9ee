<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use FreshTack\Core\Fluid\ContainerPlan;
use FreshTack\Core\Plan\Position;
use FreshTack\Core\Quantity\Volume;

/** The same oil for all engines that take it: the pooled need, and the containers to pull, or why the shelf fails. */
final readonly class OilPool
{
    /**
     * @param non-empty-list<Position> $positions
     * @param string                   $why       how the need is made up
     * @param string                   $trap      what would happen if litres were bought as quarts
     */
    public function __construct(
        public string $grade,
        public string $performanceClass,
        public array $positions,
        public Volume $capacity,
        public Volume $reserve,
        public Volume $need,
        public ?ContainerPlan $plan,
        public ?string $shortage,
        public string $why,
        public string $trap,
    ) {
    }
}
