<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

use FreshTack\Core\Schedule\Action;
use FreshTack\Core\SpecBook\Plate;
use FreshTack\Core\SpecBook\Task;

/** What an engine's sheet schedules a task to be: renewed, if there is no sheet or it does not say. */
final readonly class ScheduledAction
{
    public function __construct(private IdentifyEngine $identify, private SpecBook $book)
    {
    }

    public function __invoke(Plate $plate, Task $task): Action
    {
        $head = ($this->identify)($plate)->head;

        return (null === $head ? null : $this->book->sheet($head)->interval($task))->action ?? Action::Renew;
    }
}
