<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use FreshTack\Core\SpecBook\Task;

/** An order that was tried on a sheet: one task alone, or all of its schedule together. */
final readonly class TriedTask
{
    /**
     * @param Task|null    $task        null: all together
     * @param list<string> $parked      why tasks would be parked, each with its task
     * @param string|null  $contradicts what the sheet and the procedures ask that can't both be done
     */
    public function __construct(
        public ?Task $task,
        public int $operations,
        public int $handsOnMin,
        public array $parked,
        public ?string $contradicts,
    ) {
    }

    public function isSound(): bool
    {
        return [] === $this->parked && null === $this->contradicts;
    }
}
