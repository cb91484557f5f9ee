<?php

declare(strict_types=1);

namespace FreshTack\Core\Schedule;

use FreshTack\Core\Quantity\EngineHours;

/** The shop's windows: from when a task is "soon", and until when "due" is not yet "overdue". Both ends included. */
final readonly class DuePolicy
{
    public function __construct(public EngineHours $windowHours, public int $windowDays, public EngineHours $graceHours, public int $graceDays)
    {
    }
}
