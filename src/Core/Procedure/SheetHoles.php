<?php

declare(strict_types=1);

namespace FreshTack\Core\Procedure;

use FreshTack\Core\SpecBook\SpecSheet;
use FreshTack\Core\SpecBook\Task;
use FreshTack\Core\SpecBook\TaskNeeds;

/** What sheets lack for the tasks of their schedules: what their orders would park. */
final readonly class SheetHoles
{
    private CalledWork $called;

    /** @param list<Procedure> $procedures the whole book's, in any order */
    public function __construct(array $procedures)
    {
        $this->called = new CalledWork($procedures);
    }

    /** @return array<string, non-empty-list<Task>> the blocked tasks by path: by the trade, and by the procedures that they call for */
    public function of(SpecSheet $sheet): array
    {
        $facts = EngineFacts::ofSheet($sheet);
        $missing = TaskNeeds::missing($sheet);
        foreach ($sheet->tasks() as $task) {
            foreach ($this->lacking($facts, $task) as $path) {
                if (!\in_array($task, $missing[$path] ?? [], true)) {
                    $missing[$path][] = $task;
                }
            }
        }

        return $missing;
    }

    /** @return list<string> paths of the sheet */
    private function lacking(EngineFacts $facts, Task $task): array
    {
        $own = $task->withOuter();
        $paths = $this->called->holes($facts->withTasks($own), $own);

        return array_values(array_filter($paths, static fn (string $path): bool => !FactPath::isWorked($path)));
    }
}
