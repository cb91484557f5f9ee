<?php

declare(strict_types=1);

namespace FreshTack\Core\Schedule;

/** One piece of work on one component. */
final readonly class Served
{
    public function __construct(public string $component, public Action $action, public LastDone $when)
    {
    }

    public function resets(string $component, Action $action): bool
    {
        return $component === $this->component && ($action === $this->action || Action::Renew === $this->action);
    }
}
