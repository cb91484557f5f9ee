<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use FreshTack\Core\Fluid\GradeChoice;
use FreshTack\Core\Quantity\Volume;

/** Which oil one engine takes, and how much. */
final readonly class EngineOil
{
    /** @param Volume $staysBehind what the way of draining leaves in the engine */
    public function __construct(
        public GradeChoice $choice,
        public string $performanceClass,
        public bool $withFilter,
        public Volume $capacity,
        public Volume $firstPour,
        public string $capacityWhy,
        public Volume $staysBehind,
    ) {
    }

    /** What goes in, without top-ups. */
    public function toFill(): Volume
    {
        return $this->capacity->less($this->staysBehind);
    }

    public function key(): string
    {
        return $this->choice->range->grade.'|'.$this->performanceClass;
    }
}
