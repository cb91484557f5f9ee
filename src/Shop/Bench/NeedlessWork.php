<?php

declare(strict_types=1);

namespace FreshTack\Shop\Bench;

use FreshTack\Core\Bench\BenchLog;
use FreshTack\Core\Bench\IssuedOrder;
use FreshTack\Core\Bench\IssuedWork;
use FreshTack\Core\Bench\Needless;
use FreshTack\Core\ExpectedError;
use FreshTack\Core\Order\EngineRequest;
use FreshTack\Core\Order\OrderBuilder;
use FreshTack\Core\Order\OrderedOperation;
use FreshTack\Core\Order\OrderRequest;
use FreshTack\Core\Order\PickedTask;
use FreshTack\Core\SpecBook\Task;
use FreshTack\Exchange\OrderRequestReader;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Order\Orders;

/** What an order would not ask for if the tasks that were left out of it had never been picked. */
final readonly class NeedlessWork
{
    public function __construct(private Orders $orders, private OrderBuilder $builder)
    {
    }

    /**
     * Of what belongs to every visit; what belongs to a task goes with the task.
     *
     * @param BenchLog $log with the task left out
     *
     * @return Needless|null null: nothing, or the order can't be made without the task
     *
     * @throws NotFound
     */
    public function in(int $number, IssuedOrder $issued, BenchLog $log): ?Needless
    {
        $leftOut = $without = [];
        foreach ($issued->rig->positions as $position) {
            $leftOut[$position->value] = $log->outcomes()->leftOut($position);
            foreach ($leftOut[$position->value] as $task) {
                $without[] = $position->value.'.'.$task->value;
            }
        }
        $request = [] === $without ? null : $this->orders->request($number);
        if (null === $request) {
            return null;
        }
        try {
            $order = $this->builder->build(self::without(OrderRequestReader::read($request), $leftOut));
        } catch (ExpectedError) {
            return null;
        }
        $needed = array_fill_keys(array_map(static fn (OrderedOperation $each): string => $each->id(), $order->operations), true);
        $ofVisit = array_filter(
            $issued->all,
            static fn (IssuedWork $work): bool => null === $work->task && (null === $work->work->position || !$work->isMode()),
        );
        $ids = array_map(static fn (IssuedWork $work): string => $work->work->id->text, $ofVisit);

        $works = array_values(array_filter($ids, static fn (string $id): bool => !isset($needed[$id])));

        return [] === $works ? null : new Needless($works, $without);
    }

    /** @param array<string, list<Task>> $leftOut by position */
    private static function without(OrderRequest $request, array $leftOut): OrderRequest
    {
        return $request->withEngines(array_map(
            static fn (EngineRequest $engine): EngineRequest => $engine->withTasks(array_values(array_filter(
                $engine->tasks,
                static fn (PickedTask $picked): bool => !\in_array($picked->task, $leftOut[$engine->position->value] ?? [], true),
            ))),
            $request->engines,
        ));
    }
}
