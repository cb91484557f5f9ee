<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

use FreshTack\Core\Plan\Position;
use FreshTack\Core\Schedule\Action;
use FreshTack\Core\Schedule\Limit;
use FreshTack\Core\SpecBook\Task;

/** A task of a frozen order at one engine. */
final readonly class IssuedTask
{
    /**
     * @param Action|null $action null: an order of before, which says nothing of it
     * @param Limit|null  $every  until it is due again; null: its sheet does not say
     */
    public function __construct(
        public Position $position,
        public Task $task,
        public string $title,
        public ?Action $action,
        public ?Limit $every,
    ) {
    }
}
