<?php

declare(strict_types=1);

namespace FreshTack\Shop\Board;

use FreshTack\Core\Quantity\EngineHours;
use FreshTack\Core\SpecBook\SheetMatch;
use FreshTack\Core\SpecBook\SpecSheet;
use FreshTack\Core\SpecBook\Task;
use FreshTack\Shop\Register\Engine;

/** One engine: its sheet or why there is none, and the state of each task that the sheet schedules. */
final readonly class EngineAssessment
{
    /** @param list<TaskDue> $dues empty if the engine was refused */
    public function __construct(public Engine $engine, public ?EngineHours $hours, public SheetMatch $match, public ?SpecSheet $sheet, public array $dues)
    {
    }

    public function due(Task $task): ?TaskDue
    {
        foreach ($this->dues as $due) {
            if ($task === $due->task) {
                return $due;
            }
        }

        return null;
    }
}
