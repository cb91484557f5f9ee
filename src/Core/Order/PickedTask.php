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

    /** Whether it renews what this sheet only asks to look at or to clean. */
    public function isRenewedOnWish(SpecSheet $sheet): bool
    {
        return $this->renew && $sheet->renewsOnWish($this->task);
    }

    /** As it is told: a renewal that the sheet does not ask for is said. */
    public function title(SpecSheet $sheet): string
    {
        return $this->isRenewedOnWish($sheet) ? $this->task->renewedTitle() : $this->task->title();
    }

    /** What is done to the component. */
    public function action(SpecSheet $sheet): Action
    {
        return $this->isRenewedOnWish($sheet) ? Action::Renew : $this->scheduled($sheet);
    }

    private function scheduled(SpecSheet $sheet): Action
    {
        return $sheet->interval($this->task)->action ?? Action::Renew;
    }
}
