<?php

declare(strict_types=1);

namespace FreshTack\Core\Due;

/** A day for the rig to come, and what is ripe on it. */
final readonly class Visit
{
    /** @param list<TaskDue> $dues */
    public function __construct(public \DateTimeImmutable $on, public array $dues)
    {
    }
}
