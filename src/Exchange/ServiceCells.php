<?php

declare(strict_types=1);

namespace FreshTack\Exchange;

use FreshTack\Core\Quantity\EngineHours;
use FreshTack\Core\SpecBook\Task;

final readonly class ServiceCells
{
    /** @param EngineHours|null $hours as the meter showed them then */
    public function __construct(
        public string $serial,
        public Task $task,
        public \DateTimeImmutable $on,
        public ?EngineHours $hours,
        public string $evidence,
    ) {
    }
}
