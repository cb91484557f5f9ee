<?php

declare(strict_types=1);

namespace FreshTack\Shop\Register;

use FreshTack\Core\Quantity\EngineHours;

final readonly class HourReading
{
    public function __construct(public \DateTimeImmutable $on, public EngineHours $hours)
    {
    }
}
