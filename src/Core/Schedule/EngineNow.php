<?php

declare(strict_types=1);

namespace FreshTack\Core\Schedule;

use FreshTack\Core\Quantity\EngineHours;

/** The day of asking, in the shop's zone, and the hours run; without a meter the calendar decides alone. */
final readonly class EngineNow
{
    public function __construct(public \DateTimeImmutable $day, public ?EngineHours $hours, public \DateTimeImmutable $inService)
    {
    }
}
