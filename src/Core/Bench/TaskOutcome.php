<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

use FreshTack\Core\Quantity\EngineHours;

/** How one task ended at one engine, and what of it was not done. */
final readonly class TaskOutcome
{
    /** @param list<string> $missing what was not done and why, as the record tells it */
    public function __construct(public IssuedTask $task, public Outcome $outcome, public array $missing)
    {
    }

    public function isDone(): bool
    {
        return Outcome::Done === $this->outcome;
    }

    /** The day on which it is due again; null: it was not done, or its sheet names no months. */
    public function nextDay(\DateTimeImmutable $today): ?\DateTimeImmutable
    {
        return $this->isDone() ? $this->task->every?->dateFrom($today) : null;
    }

    /** The hours at which it is due again; null: it was not done, its sheet names none, or nobody knows those of now. */
    public function nextHours(?EngineHours $now): ?EngineHours
    {
        $every = $this->task->every?->hours;

        return $this->isDone() && null !== $every ? $now?->plus($every) : null;
    }
}
