<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

use FreshTack\Core\Procedure\EngineFacts;
use FreshTack\Core\Procedure\FactPath;
use FreshTack\Core\Procedure\Procedure;
use FreshTack\Core\SpecBook\SheetField;
use FreshTack\Core\SpecBook\SpecSheet;
use FreshTack\Core\SpecBook\Task;
use FreshTack\Core\SpecBook\TaskNeeds;

/** The values that a sheet lacks and that a scheduled task needs, by the trade or by the book's procedure. */
final readonly class ListHoles
{
    public function __construct(private SpecBook $book)
    {
    }

    /** @return list<SheetHole> of all published sheets */
    public function __invoke(): array
    {
        $procedures = $this->book->readProcedures();

        return array_merge(...array_map(fn (SpecSheet $sheet): array => $this->in($sheet, $procedures), $this->book->published()));
    }

    /** @return list<SheetHole> */
    public function of(SpecSheet $sheet): array
    {
        return $this->in($sheet, $this->book->readProcedures());
    }

    /**
     * @param list<Procedure> $procedures
     *
     * @return list<SheetHole>
     */
    private function in(SpecSheet $sheet, array $procedures): array
    {
        $facts = new EngineFacts($sheet, [], ['order.drainMethod' => $sheet->text(SheetField::DrainKind) ?? '', 'order.warm' => 'yes']);
        $tasks = [];
        foreach (TaskNeeds::missing($sheet) as $path => $blocked) {
            foreach ($blocked as $task) {
                $tasks[$path][$task->value] = $task;
            }
        }
        foreach ($procedures as $procedure) {
            foreach ($this->concerned($procedure, $sheet) as $task) {
                foreach (array_filter(
                    $procedure->holes($facts),
                    static fn (string $path): bool => !FactPath::isWorked($path),
                ) as $path) {
                    $tasks[$path][$task->value] = $task;
                }
            }
        }

        return array_map(static fn (string $path, array $blocked): SheetHole => new SheetHole($sheet->head, $path, EngineFacts::label($path), array_values($blocked)), array_keys($tasks), array_values($tasks));
    }

    /** @return list<Task> */
    private function concerned(Procedure $procedure, SpecSheet $sheet): array
    {
        $known = null === $procedure->task ? $this->book->tasks() : [$procedure->task];

        return array_values(array_filter($sheet->tasks(), static fn (Task $task): bool => \in_array($task, $known, true)));
    }
}
