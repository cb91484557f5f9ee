<?php

declare(strict_types=1);

namespace FreshTack\Core\Due;

use FreshTack\Core\Schedule\ServiceLog;
use FreshTack\Core\SpecBook\Task;

/** What was done to an engine, and what its owner declined. */
final readonly class EngineRecord
{
    /** @param list<Declined> $declined oldest first */
    public function __construct(public ServiceLog $served, public array $declined)
    {
    }

    /** The latest refusal of this task that nothing done since has settled. */
    public function declinedSince(Task $task, ?\DateTimeImmutable $done): ?Declined
    {
        $found = null;
        foreach ($this->declined as $declined) {
            if ($task === $declined->task && (null === $done || $declined->on >= $done)) {
                $found = $declined;
            }
        }

        return $found;
    }
}
