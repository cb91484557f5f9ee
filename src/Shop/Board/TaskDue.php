<?php

declare(strict_types=1);

namespace FreshTack\Shop\Board;

use FreshTack\Core\Schedule\DueAssessment;
use FreshTack\Core\Schedule\Interval;
use FreshTack\Core\SpecBook\Task;

final readonly class TaskDue
{
    public function __construct(public Task $task, public Interval $interval, public DueAssessment $assessment)
    {
    }

    public function why(): string
    {
        return $this->assessment->why($this->interval);
    }
}
