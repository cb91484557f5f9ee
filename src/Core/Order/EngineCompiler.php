<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use FreshTack\Core\Plan\Opening;
use FreshTack\Core\Procedure\CalledWork;
use FreshTack\Core\Procedure\EngineFacts;
use FreshTack\Core\Procedure\Operation;
use FreshTack\Core\Procedure\Procedure;
use FreshTack\Core\SpecBook\SheetField;
use FreshTack\Core\SpecBook\Task;

/**
 * Finds which of an engine's picked tasks can be done, and how. A task that can't be done is parked with its reason
 * and the rest judged again without it, since parking one changes the others: without its filter an engine takes
 * less oil. What was found out for one engine counts for every other with the same sheet and the same tasks.
 */
final class EngineCompiler
{
    /** Between two stations; an order has never so many operations. */
    private const STEP = 10_000;

    private readonly CalledWork $called;
    /** @var array<string, list<string>> names of holes, by kind of engine and tasks */
    private array $holes = [];
    /** @var array<string, list<OrderedOperation>> of the first engine of its kind */
    private array $ordered = [];
    /** @var array<string, bool> whether the level on arrival still waits for a decision, by position */
    private array $undecided = [];
    /** @var array<string, list<OrderedOperation>> likewise, lockouts and changes of attitude */
    private array $modes = [];

    public function __construct(private readonly OrderRequest $request, private readonly FactsMaker $facts, private readonly StepMaker $steps = new StepMaker())
    {
        $this->called = new CalledWork($request->procedures);
    }

    public function compile(EngineRequest $engine): EngineOrder
    {
        [$ready, $blocked, $facts] = $this->parted($engine);

        return new EngineOrder(
            $engine->position,
            $engine,
            $engine->sheet->head,
            $ready,
            $blocked,
            $this->changesOil($ready) ? $this->facts->oil($engine, $ready) : null,
            $this->facts->level($engine),
            $this->facts->arrivalAdvice($engine),
            [] === $ready ? [] : $this->request->wishes->byHand->into($this->operations($engine, $ready, $facts)),
            [] === $ready ? [] : $this->modes($engine, $facts),
            $facts,
        );
    }

    /** @return list<PickedTask> those that can be done */
    public function ready(EngineRequest $engine): array
    {
        return $this->parted($engine)[0];
    }

    /** @return array{list<PickedTask>, list<BlockedTask>, EngineFacts} */
    private function parted(EngineRequest $engine): array
    {
        $blocked = [];
        do {
            $ready = array_values(array_filter($engine->tasks, static fn (PickedTask $picked): bool => !isset($blocked[$picked->task->value])));
            $facts = $this->facts->of($engine, $ready);
            $found = $this->obstacles($engine, $ready, $facts);
            $blocked = [...$blocked, ...$found];
        } while ([] !== $found);

        return [$ready, array_values($blocked), $facts];
    }

    /**
     * The work of one engine for these tasks, without its steps: enough to count minutes.
     *
     * @param list<PickedTask> $tasks
     *
     * @return EngineOrder|null null if one of them can't be done
     */
    public function bare(EngineRequest $engine, array $tasks): ?EngineOrder
    {
        $facts = $this->facts->of($engine, $tasks);
        $isBlocked = [] !== $this->obstacles($engine, $tasks, $facts);

        return $isBlocked ? null : new EngineOrder($engine->position, $engine, $engine->sheet->head, $tasks, [], null, null, null, $this->operations($engine, $tasks, $facts, true), $this->modes($engine, $facts, true), $facts);
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
        if ([] === $found) {
            $outer = array_values(array_filter($tasks, static fn (Task $task): bool => null === $task->within()));
            $found = $this->judged($outer, $engine, $tasks, $facts);
        }

        return [] === $found ? $this->leftOpen($engine, $tasks, $facts) : $found;
    }

    /**
     * What no task needs by itself and all of them together do parks them all: a figure that is missing is never printed.
     *
     * @param list<Task> $tasks
     *
     * @return array<string, BlockedTask>
     */
    private function leftOpen(EngineRequest $engine, array $tasks, EngineFacts $facts): array
    {
        $named = $this->named($engine, $tasks, $facts);
        if ([] === $named) {
            return [];
        }
        $blocked = [];
        foreach ($tasks as $task) {
            $blocked[$task->value] = BlockedTask::byHoles($engine->position, $task, $named);
        }

        return $blocked;
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
        if (null === $engine->sheet->interval($task)) {
            return BlockedTask::notScheduled($engine->position, $task);
        }

        if (!$this->called->knows($task)) {
            return BlockedTask::noProcedure($engine->position, $task);
        }

        return $this->circumstance($engine, $task) ?? $this->holes($engine, $task, $tasks, $facts);
    }

    private function circumstance(EngineRequest $engine, Task $task): ?BlockedTask
    {
        $isOil = \in_array($task, [Task::EngineOil, Task::OilFilter], true);
        $chart = $isOil ? $engine->sheet->grades() : null;
        $air = $this->request->visit->air;
        $hasNoGrade = null !== $chart && null === $chart->choose($air, $this->request->policy->prefersGrades);

        return match (true) {
            $this->undecided[$engine->position->value] ??= $this->facts->isArrivalUndecided($engine) => BlockedTask::undecidedArrival($engine->position, $task),
            Place::Afloat === $this->request->visit->place && $task->isUnderWater() => BlockedTask::underWater($engine->position, $task),
            $isOil && $this->facts->isStuckAfloat($engine) => BlockedTask::afloat($engine->position, $task),
            $hasNoGrade => BlockedTask::noGrade($engine->position, $task, $air->text(), $chart->text()),
            default => null,
        };
    }

    /**
     * If anything is missing: of the task by itself, whatever else is picked. A task done within another needs what the
     * other needs.
     *
     * @param list<Task> $tasks all that are ready
     */
    private function holes(EngineRequest $engine, Task $task, array $tasks, EngineFacts $facts): ?BlockedTask
    {
        $own = $task->withOuter();
        $named = [] === $this->named($engine, $tasks, $facts) ? [] : $this->named($engine, $own, $facts->withTasks($own));

        return [] === $named ? null : BlockedTask::byHoles($engine->position, $task, $named);
    }

    /**
     * @param list<Task> $tasks
     *
     * @return list<string> names of what these are missing
     */
    private function named(EngineRequest $engine, array $tasks, EngineFacts $facts): array
    {
        return $this->holes[$facts->kind] ??= array_values(array_unique(array_map(
            fn (string $path): string => $this->nameOf($path, $facts),
            $this->called->holes($facts, $tasks),
        )));
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

    /** @param list<PickedTask> $ready */
    private function changesOil(array $ready): bool
    {
        return [] !== array_filter($ready, static fn (PickedTask $picked): bool => Task::EngineOil === $picked->task);
    }

    /**
     * @param list<PickedTask> $ready
     *
     * @return list<OrderedOperation>
     */
    private function operations(EngineRequest $engine, array $ready, EngineFacts $facts, bool $bare = false): array
    {
        $kind = $facts->kind.($bare ? 'bare' : '');
        $sister = $this->ordered[$kind] ?? null;
        if (null !== $sister) {
            return array_map(fn (OrderedOperation $operation): OrderedOperation => $this->steps->at($engine->position, $operation, $facts, $bare), $sister);
        }
        $called = $this->called->operations($facts, array_map(static fn (PickedTask $picked): Task => $picked->task, $ready));
        $opened = array_filter(array_map(static fn (array $entry): ?Opening => $entry[1]->covers->opens, $called));
        $has = static fn (Opening $opening): bool => !$opening->mayBeLacking() || \in_array($opening, $opened, true);

        return $this->ordered[$kind] = array_map(fn (array $entry): OrderedOperation => $this->steps->ordered(
            $engine->position,
            $entry[0],
            $entry[1],
            $facts,
            array_values(array_filter($entry[1]->covers->open, $has)),
            self::STEP * $entry[1]->calling->phase->rank() + $this->called->placeOf($entry[1]),
            $bare,
        ), $called);
    }

    /** @return list<OrderedOperation> */
    private function modes(EngineRequest $engine, EngineFacts $facts, bool $bare = false): array
    {
        $kind = $facts->kind.($bare ? 'bare' : '');
        $sister = $this->modes[$kind] ?? null;
        if (null !== $sister) {
            return array_map(fn (OrderedOperation $operation): OrderedOperation => $this->steps->at($engine->position, $operation, $facts, $bare), $sister);
        }
        $none = new Procedure('', null, '', [], []);

        return $this->modes[$kind] = array_map(fn (Operation $operation): OrderedOperation => $this->steps->ordered($engine->position, $none, $operation, $facts, [], 0, $bare), $this->called->modes($facts));
    }
}
