<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use FreshTack\Core\Plan\Arrangement;
use FreshTack\Core\Plan\PlannedWork;
use FreshTack\Core\Quantity\InvalidQuantity;
use FreshTack\Core\Quantity\Minutes;

/** Hands-on minutes of tasks, every opening and what belongs to the rig counted once; nothing is scheduled for it. */
final class HandsOn
{
    private readonly EngineCompiler $compiler;
    /** @var array<string, EngineOrder|null> */
    private array $known = [];

    public function __construct(OrderRequest $request)
    {
        $this->compiler = new EngineCompiler($request, new FactsMaker($request));
    }

    /** @return Minutes|null null if a task of these engines can't be done */
    public function of(EngineRequest ...$engines): ?Minutes
    {
        $orders = [];
        foreach ($engines as $engine) {
            $order = $this->order($engine);
            if (null === $order) {
                return null;
            }
            $orders[] = $order;
        }
        $plan = RigPlan::of($orders);

        $attended = array_map(static fn (PlannedWork $work): int => $work->attendedMin, Arrangement::usual($plan->works)->sequence());

        try {
            return Minutes::of(array_sum($attended));
        } catch (InvalidQuantity $error) {
            throw new \LogicException('Minutes of work add up to less than nothing.', 0, $error);
        }
    }

    /** The engine with those of its tasks that can be done. */
    public function doable(EngineRequest $engine): EngineRequest
    {
        return $engine->withTasks($this->compiler->ready($engine));
    }

    private function order(EngineRequest $engine): ?EngineOrder
    {
        $tasks = array_map(static fn (PickedTask $picked): string => $picked->task->value, $engine->tasks);
        $key = $engine->position->value.'|'.implode('|', $tasks);
        if (!\array_key_exists($key, $this->known)) {
            $this->known[$key] = [] === $engine->tasks ? $this->compiler->compile($engine) : $this->compiler->bare($engine, $engine->tasks);
        }

        return $this->known[$key];
    }
}
