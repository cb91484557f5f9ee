<?php

declare(strict_types=1);

namespace FreshTack\Shop\Register;

use FreshTack\Core\Quantity\EngineHours;
use FreshTack\Core\SpecBook\Task;

final readonly class TaskDone
{
    /** @param string $evidence the order number, or what shows that it was done elsewhere */
    public function __construct(public Task $task, public \DateTimeImmutable $on, public ?EngineHours $hours, public string $evidence)
    {
    }
}
