<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

use FreshTack\Core\Quantity\Volume;

/** What somebody measured when the work was done: how much of an oil was opened, and how much of it is left. */
final readonly class OilLeft
{
    /** Both volumes null: it is said that nobody measured it. */
    public function __construct(
        public string $grade,
        public string $performanceClass,
        public ?Volume $opened,
        public ?Volume $leftOver,
    ) {
    }

    public function isMeasured(): bool
    {
        return null !== $this->opened && null !== $this->leftOver;
    }

    public function isOf(PulledOil $oil): bool
    {
        return $oil->grade === $this->grade && $oil->performanceClass === $this->performanceClass;
    }
}
