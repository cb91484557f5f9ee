<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use FreshTack\Core\Schedule\Action;
use FreshTack\Core\SpecBook\SpecSheet;
use FreshTack\Core\SpecBook\Task;

/**
 * A task chosen for one engine, and why: the due book's sentence, or the writer's own. What the sheet only asks to look
 * at can be renewed on wish.
 */
final readonly class PickedTask
{
    public function __construct(public Task $task, public string $reason, public bool $renew = false)
    {
    }

    /** As it is told: a renewal that the sheet does not ask for is said. */
    public function title(): string
    {
        return $this->task->title().($this->renew && $this->task->renewsOnWish() ? ' (renewed)' : '');
    }

    /** What is done to the component: as the sheet schedules it, unless a renewal is wished for. */
    public function action(SpecSheet $sheet): Action
    {
        return $this->renew && $this->task->renewsOnWish() ? Action::Renew : $sheet->interval($this->task)->action ?? Action::Renew;
    }
}
