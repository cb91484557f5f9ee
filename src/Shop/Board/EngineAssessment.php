<?php

declare(strict_types=1);

namespace FreshTack\Shop\Board;

use FreshTack\Core\Due\TaskDue;
use FreshTack\Core\SpecBook\SheetMatch;
use FreshTack\Core\SpecBook\SpecSheet;
use FreshTack\Core\SpecBook\Task;
use FreshTack\Core\Usage\HourReading;
use FreshTack\Core\Usage\UseRate;
use FreshTack\Shop\Due\DueLine;
use FreshTack\Shop\Due\EngineDays;
use FreshTack\Shop\Register\Engine;

/** One engine: its sheet or why there is none, and the state of each task that the sheet schedules. */
final readonly class EngineAssessment
{
    /**
     * @param HourReading|null $reading the latest of its meter
     * @param list<TaskDue>    $dues    empty if the engine was refused
     * @param UseRate|null     $rate    null if nothing is known of it
     */
    public function __construct(public Engine $engine, public ?HourReading $reading, public SheetMatch $match, public ?SpecSheet $sheet, public array $dues, public ?UseRate $rate)
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

    public function days(): EngineDays
    {
        return new EngineDays(
            $this->engine->id,
            $this->match->refusal?->reason,
            $this->reading?->meter->tenths,
            array_map(fn (TaskDue $due): DueLine => DueLine::of($due, $this->reading->offsetTenths ?? 0), $this->dues),
        );
    }
}
