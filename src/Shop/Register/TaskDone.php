<?php

declare(strict_types=1);

namespace FreshTack\Shop\Register;

use FreshTack\Core\Quantity\EngineHours;
use FreshTack\Core\Schedule\Action;
use FreshTack\Core\Schedule\LastDone;
use FreshTack\Core\Schedule\Served;
use FreshTack\Core\SpecBook\Task;

final readonly class TaskDone
{
    /**
     * @param EngineHours|null $hours    the engine's true total; null: no meter, or not known
     * @param string           $evidence the order number, or what shows that it was done elsewhere
     */
    public function __construct(public Task $task, public Action $action, public \DateTimeImmutable $on, public ?EngineHours $hours, public string $evidence, public bool $elsewhere = false)
    {
    }

    public function served(): Served
    {
        return new Served($this->task->component(), $this->action, new LastDone($this->on, $this->hours));
    }
}
