<?php

declare(strict_types=1);

namespace FreshTack\Core\Due;

use FreshTack\Core\SpecBook\Task;

/** The owner did not want it. It stays due. */
final readonly class Declined
{
    public function __construct(public Task $task, public \DateTimeImmutable $on, public string $note)
    {
    }
}
