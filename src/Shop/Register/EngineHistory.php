<?php

declare(strict_types=1);

namespace FreshTack\Shop\Register;

use FreshTack\Core\Quantity\EngineHours;
use FreshTack\Core\Schedule\LastDone;
use FreshTack\Core\SpecBook\Task;

/** What is written down of an engine: readings of its meter, and what was done to it, oldest first. */
final readonly class EngineHistory
{
    /**
     * @param list<HourReading> $readings
     * @param list<TaskDone>    $done
     */
    public function __construct(public array $readings, public array $done)
    {
    }

    public function hours(): ?EngineHours
    {
        return [] === $this->readings ? null : $this->readings[\count($this->readings) - 1]->hours;
    }

    public function last(Task $task): ?LastDone
    {
        $found = null;
        foreach ($this->done as $done) {
            $found = $task === $done->task ? new LastDone($done->on, $done->hours) : $found;
        }

        return $found;
    }
}
