<?php

declare(strict_types=1);

namespace FreshTack\Shop\Register;

use FreshTack\Core\Due\Declined;
use FreshTack\Core\Due\EngineRecord;
use FreshTack\Core\Schedule\Served;
use FreshTack\Core\Schedule\ServiceLog;
use FreshTack\Core\Usage\HourLog;

/** What is written down of an engine: its hours, what was done to it, what its owner declined; oldest first. */
final readonly class EngineHistory
{
    /**
     * @param list<TaskDone> $done
     * @param list<Declined> $declined
     */
    public function __construct(public HourLog $hours, public array $done, public array $declined)
    {
    }

    public function record(): EngineRecord
    {
        return new EngineRecord(new ServiceLog(array_map(static fn (TaskDone $done): Served => $done->served(), $this->done)), $this->declined);
    }

    public function isEmpty(): bool
    {
        return [] === $this->hours->readings && [] === $this->done && [] === $this->declined;
    }
}
