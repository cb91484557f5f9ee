<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use FreshTack\Core\Plan\Position;
use FreshTack\Core\SpecBook\SheetField;
use FreshTack\Core\SpecBook\Task;

/** A picked task that can't be issued, with the reason and what would help; the rest of the order goes on. */
final readonly class BlockedTask
{
    /** @param list<string> $holes paths of the missing values */
    private function __construct(public Position $position, public Task $task, public string $reason, public string $remedy, public array $holes)
    {
    }

    /** @param non-empty-list<string> $holes */
    public static function byHoles(Position $position, Task $task, array $holes): self
    {
        $labels = implode(', ', array_map(static fn (string $path): string => (new Hole($position, $path))->label(), $holes));
        $ofSheet = array_filter($holes, static fn (string $path): bool => true !== SheetField::tryFrom($path)?->isOfBoat());
        if ([] === $ofSheet) {
            return new self(
                $position,
                $task,
                'Not entered for this boat: '.$labels.'.',
                'Read the number on the old element and enter it at the boat; until then the task is parked.',
                $holes,
            );
        }

        return new self($position, $task, 'Missing in the spec book: '.$labels.'.', 'The service manager adds it to the sheet from the maker\'s manual; until then the task is parked.', $holes);
    }

    public static function withoutOther(Position $position, Task $task, Task $other): self
    {
        return new self($position, $task, \sprintf('%s is changed only together with %s, which is not in this order.', $task->title(), lcfirst($other->title())), \sprintf('Pick %s as well.', lcfirst($other->title())), []);
    }

    public static function notScheduled(Position $position, Task $task): self
    {
        if ($task->schedule()->isOfBoat()) {
            return new self(
                $position,
                $task,
                'No fuel separator of the boat is counted at this engine.',
                'Leave it out, or say at the boat that each engine has its own.',
                [],
            );
        }

        return new self($position, $task, \sprintf('The sheet\'s schedule does not know %s.', lcfirst($task->title())), 'Leave it out; this engine may not have the component.', []);
    }

    public static function noProcedure(Position $position, Task $task): self
    {
        return new self($position, $task, \sprintf('The book has no procedure yet for this: %s.', lcfirst($task->title())), 'Do it by the maker\'s manual, outside this order, until the service manager adds a procedure.', []);
    }

    public static function noGrade(Position $position, Task $task, string $air, string $chart): self
    {
        return new self($position, $task, \sprintf('No oil grade of the sheet covers air from %s (%s).', $air, $chart), 'Correct the air temperatures, or split the season into two changes.', []);
    }

    public static function afloat(Position $position, Task $task): self
    {
        return new self($position, $task, 'Afloat oil is only taken out by extraction, and the sheet does not allow that here.', 'Do it on the trailer, on the lift or in the shop.', []);
    }

    public static function underWater(Position $position, Task $task): self
    {
        return new self($position, $task, 'Afloat this lies under the water or would drip into it.', 'Do it on the trailer, on the lift or in the shop.', []);
    }

    public static function undecidedArrival(Position $position, Task $task): self
    {
        return new self($position, $task, 'The level stood above the top mark on arrival: fuel or water in the oil, or an overfill.', 'Find out which and write down what was found before the oil is changed.', []);
    }
}
