<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use FreshTack\Core\Plan\Position;
use FreshTack\Core\Quantity\EngineHours;
use FreshTack\Core\SpecBook\SpecSheet;

final readonly class EngineRequest
{
    /**
     * @param EngineHours|null $hours null: no meter
     * @param list<PickedTask> $tasks
     */
    public function __construct(
        public Position $position,
        public string $model,
        public string $serial,
        public ?EngineHours $hours,
        public ?Arrival $arrival,
        public array $tasks,
        public SpecSheet $sheet,
    ) {
    }

    /** @param list<PickedTask> $tasks */
    public function withTasks(array $tasks): self
    {
        return new self($this->position, $this->model, $this->serial, $this->hours, $this->arrival, $tasks, $this->sheet);
    }
}
