<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use FreshTack\Core\Procedure\EngineFacts;
use FreshTack\Core\Procedure\Operation;
use FreshTack\Core\Procedure\Procedure;
use FreshTack\Core\SpecBook\SheetField;
use FreshTack\Core\SpecBook\Task;

/**
 * Finds which of an engine's picked tasks can be done, and how. A task that can't be done is parked with its reason
 * and the rest judged again without it, since parking one changes the others: without its filter an engine takes
 * less oil.
 */
final readonly class EngineCompiler
{
    public function __construct(private OrderRequest $request, private FactsMaker $facts, private StepMaker $steps = new StepMaker())
    {
    }

    public function compile(EngineRequest $engine): EngineOrder
    {
        $blocked = [];
        do {
            $ready = array_values(array_filter($engine->tasks, static fn (PickedTask $picked): bool => !isset($blocked[$picked->task->value])));
            $facts = $this->facts->of($engine, $ready);
            $found = $this->obstacles($engine, $ready, $facts);
            $blocked = [...$blocked, ...$found];
        } while ([] !== $found);

        return new EngineOrder(
            $engine->position,
            $engine,
            $engine->sheet->head,
            $ready,
            array_values($blocked),
            [] === $ready ? null : $this->facts->oil($engine, $ready),
            $this->facts->level($engine),
            $this->facts->arrivalAdvice($engine),
            [] === $ready ? [] : $this->operations($engine, $ready, $facts),
            $facts,
        );
    }

    /**
     * Tasks that are done within another are judged first: parking one changes what the other needs.
     *
     * @param list<PickedTask> $ready
     *
     * @return array<string, BlockedTask>
     */
    private function obstacles(EngineRequest $engine, array $ready, EngineFacts $facts): array
    {
        $tasks = array_map(static fn (PickedTask $picked): Task => $picked->task, $ready);
        $inner = array_values(array_filter($tasks, static fn (Task $task): bool => null !== $task->within()));
        $found = $this->judged($inner, $engine, $tasks, $facts);

        return [] !== $found ? $found : $this->judged(array_values(array_filter($tasks, static fn (Task $task): bool => null === $task->within())), $engine, $tasks, $facts);
    }

    /**
     * @param list<Task> $judged
     * @param list<Task> $tasks  all that are ready
     *
     * @return array<string, BlockedTask>
     */
    private function judged(array $judged, EngineRequest $engine, array $tasks, EngineFacts $facts): array
    {
        $found = [];
        foreach ($judged as $task) {
            $obstacle = $this->obstacle($engine, $task, $tasks, $facts);
            if (null !== $obstacle) {
                $found[$task->value] = $obstacle;
            }
        }

        return $found;
    }

    /** @param list<Task> $tasks */
    private function obstacle(EngineRequest $engine, Task $task, array $tasks, EngineFacts $facts): ?BlockedTask
    {
        $within = $task->within();
        if (null !== $within && !\in_array($within, $tasks, true)) {
            return BlockedTask::withoutOther($engine->position, $task, $within);
        }
        if (!\in_array($task, $engine->sheet->tasks(), true)) {
            return BlockedTask::notScheduled($engine->position, $task);
        }

        if ([] === array_filter($this->request->procedures, static fn (Procedure $procedure): bool => $task === $procedure->task)) {
            return BlockedTask::noProcedure($engine->position, $task);
        }

        return $this->circumstance($engine, $task) ?? $this->holes($engine, $task, $facts);
    }

    private function circumstance(EngineRequest $engine, Task $task): ?BlockedTask
    {
        $chart = $engine->sheet->grades();

        return match (true) {
            $this->facts->isArrivalUndecided($engine) => BlockedTask::undecidedArrival($engine->position, $task),
            $this->facts->isStuckAfloat($engine) => BlockedTask::afloat($engine->position, $task),
            null !== $chart && null === $chart->choose($this->request->air, $this->request->policy->prefersGrades) => BlockedTask::noGrade($engine->position, $task, $this->request->air->text(), $chart->text()),
            default => null,
        };
    }

    private function holes(EngineRequest $engine, Task $task, EngineFacts $facts): ?BlockedTask
    {
        $holes = array_merge(...array_map(static fn (Procedure $procedure): array => $procedure->holes($facts), $this->proceduresOf([$task])));
        $named = array_values(array_unique(array_map(fn (string $path): string => $this->nameOf($path, $facts), $holes)));

        return [] === $named ? null : BlockedTask::byHoles($engine->position, $task, $named);
    }

    /** What an order works out is missing because a value of the sheet is. */
    private function nameOf(string $path, EngineFacts $facts): string
    {
        return match ($path) {
            'order.capacity', 'order.firstPour', 'order.oil', 'order.grade' => $this->missingOilField($facts)->value,
            'order.drainMethod' => SheetField::DrainKind->value,
            default => $path,
        };
    }

    private function missingOilField(EngineFacts $facts): SheetField
    {
        $capacity = 'yes' === $facts->raw('order.filter') ? SheetField::CapacityWithFilter : SheetField::CapacityWithoutFilter;
        $missing = array_filter([$capacity, SheetField::Grades, SheetField::PerformanceClass], static fn (SheetField $field): bool => null === $facts->value($field->value));

        return array_values($missing)[0] ?? $capacity;
    }

    /**
     * @param list<PickedTask> $ready
     *
     * @return list<OrderedOperation>
     */
    private function operations(EngineRequest $engine, array $ready, EngineFacts $facts): array
    {
        $tasks = array_map(static fn (PickedTask $picked): Task => $picked->task, $ready);
        $operations = array_merge(...array_map(static fn (Procedure $procedure): array => $procedure->operationsFor($facts), $this->proceduresOf($tasks)));
        $needed = array_merge(...array_map(static fn (Operation $operation): array => $operation->openings, $operations));
        $called = array_filter($operations, static fn (Operation $operation): bool => null === ($operation->opens ?? $operation->closes) || \in_array($operation->opens ?? $operation->closes, $needed, true));

        return array_values(array_map(fn (Operation $operation): OrderedOperation => $this->steps->ordered($engine->position, $operation, $facts), $called));
    }

    /**
     * @param list<Task> $tasks
     *
     * @return list<Procedure> those of the tasks, and what belongs to every visit
     */
    private function proceduresOf(array $tasks): array
    {
        return array_values(array_filter($this->request->procedures, static fn (Procedure $procedure): bool => null === $procedure->task || \in_array($procedure->task, $tasks, true)));
    }
}
