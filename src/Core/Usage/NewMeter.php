<?php

declare(strict_types=1);

namespace FreshTack\Core\Usage;

use FreshTack\Core\Quantity\EngineHours;

/** A meter that was replaced: what the old one showed at its end, and what the new one showed when it was fitted. */
final readonly class NewMeter
{
    public function __construct(public EngineHours $oldEnd, public EngineHours $newStart)
    {
    }

    /** @return int tenths of an hour to add to the new meter's figures, given what was added to the old one's */
    public function offsetTenths(int $oldOffsetTenths): int
    {
        return $this->oldEnd->tenths + $oldOffsetTenths - $this->newStart->tenths;
    }
}
