<?php

declare(strict_types=1);

namespace FreshTack\Core\Schedule;

use FreshTack\Core\Quantity\EngineHours;

/** When a task was last done on this component; the hours are null where the engine had no meter. */
final readonly class LastDone
{
    public function __construct(public \DateTimeImmutable $on, public ?EngineHours $at)
    {
    }
}
