<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use FreshTack\Core\Plan\GateBroken;
use FreshTack\Core\SpecBook\Task;

/**
 * What else could be done now that the engine is open: each task is worked into the order as if it had been picked,
 * and worked out alone, so that the two can be compared. Nothing is added.
 */
final readonly class WhileThere
{
    public function __construct(private OrderBuilder $builder = new OrderBuilder())
    {
    }

    /**
     * @param array<string, list<Task>> $candidates not picked, by position
     *
     * @return list<Offer> of those that could be done; empty if nothing is picked
     *
     * @throws GateBroken if the book's procedures lead to a sequence that a gate forbids
     */
    public function offers(OrderRequest $request, array $candidates): array
    {
        $base = $this->builder->build($request);
        $offers = [];
        foreach ($base->hasWork() ? $request->engines : [] as $engine) {
            foreach ($candidates[$engine->position->value] ?? [] as $task) {
                $offer = $this->offer($request, $base, $engine, $task);
                $offers = [...$offers, ...(null === $offer ? [] : [$offer])];
            }
        }

        return $offers;
    }

    /** @throws GateBroken */
    private function offer(OrderRequest $request, WorkOrder $base, EngineRequest $engine, Task $task): ?Offer
    {
        $picked = array_map(static fn (PickedTask $each): Task => $each->task, $engine->tasks);
        $within = $task->within();
        if (null !== $within && !\in_array($within, $picked, true)) {
            return null;
        }
        $with = $this->builder->build($this->onlyFor($request, $engine, [...$engine->tasks, new PickedTask($task, '')], true));
        $alone = $this->builder->build($this->onlyFor($request, $engine, array_map(static fn (Task $each): PickedTask => new PickedTask($each, ''), null === $within ? [$task] : [$within, $task]), false));
        if (\count($with->blocked()) > \count($base->blocked()) || !$alone->hasWork()) {
            return null;
        }

        return new Offer($engine->position, $task, $with->labour->handsOn->beyond($base->labour->handsOn), $alone->labour->handsOn);
    }

    /** @param list<PickedTask> $tasks */
    private function onlyFor(OrderRequest $request, EngineRequest $engine, array $tasks, bool $keepOthers): OrderRequest
    {
        $engines = array_map(
            static fn (EngineRequest $each): EngineRequest => $each === $engine ? $each->withTasks($tasks) : $each,
            $keepOthers ? $request->engines : [$engine],
        );

        return $request->withEngines($engines);
    }
}
