<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

use FreshTack\Core\ExpectedError;
use FreshTack\Core\Procedure\EngineFacts;
use FreshTack\Core\Procedure\Procedure;
use FreshTack\Core\Procedure\ProcedureReader;
use FreshTack\Core\SpecBook\SheetField;
use FreshTack\Core\SpecBook\SheetStatus;
use FreshTack\Core\SpecBook\SpecSheet;
use FreshTack\Core\SpecBook\Task;

/** The values that published sheets lack and that a scheduled task needs. */
final readonly class ListHoles
{
    public function __construct(private SpecBook $book)
    {
    }

    /** @return list<SheetHole> */
    public function __invoke(): array
    {
        $procedures = $this->procedures();
        $published = array_filter($this->book->sheets(), static fn (SpecSheet $sheet): bool => SheetStatus::Published === $sheet->head->status);

        return array_merge(...array_map(fn (SpecSheet $sheet): array => $this->of($sheet, $procedures), array_values($published)));
    }

    /**
     * @param list<Procedure> $procedures
     *
     * @return list<SheetHole>
     */
    private function of(SpecSheet $sheet, array $procedures): array
    {
        $facts = new EngineFacts($sheet, [], ['order.drainMethod' => $sheet->text(SheetField::DrainKind) ?? '', 'order.warm' => 'yes']);
        $tasks = [];
        foreach ($procedures as $procedure) {
            foreach ($this->concerned($procedure, $sheet) as $task) {
                foreach (array_filter($procedure->holes($facts), static fn (string $path): bool => !str_starts_with($path, 'order.')) as $path) {
                    $tasks[$path][$task->value] = $task;
                }
            }
        }

        return array_map(static fn (string $path, array $blocked): SheetHole => new SheetHole($sheet->head, $path, EngineFacts::label($path), array_values($blocked)), array_keys($tasks), array_values($tasks));
    }

    /** @return list<Task> */
    private function concerned(Procedure $procedure, SpecSheet $sheet): array
    {
        return array_values(array_filter($sheet->tasks(), static fn (Task $task): bool => null === $procedure->task || $procedure->task === $task));
    }

    /** @return list<Procedure> */
    private function procedures(): array
    {
        try {
            return array_map(ProcedureReader::read(...), $this->book->procedures());
        } catch (ExpectedError $error) {
            throw new \RuntimeException('A procedure of the book can\'t be read: '.$error->getMessage(), 0, $error);
        }
    }
}
