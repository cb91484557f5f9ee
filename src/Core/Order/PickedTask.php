<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use FreshTack\Core\SpecBook\Task;

/** A task chosen for one engine, and why: the due book's sentence, or the writer's own. */
final readonly class PickedTask
{
    public function __construct(public Task $task, public string $reason)
    {
    }
}
