<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use FreshTack\Core\Plan\CannotPlan;
use FreshTack\Core\Plan\Effort;
use FreshTack\Core\Plan\PlannedWork;
use FreshTack\Core\Plan\TimelineEntry;
use FreshTack\Core\Plan\WorkPlanner;
use FreshTack\Core\Quantity\Minutes;

/**
 * Minutes of people for tasks, hands-on and by running engines; every opening and what belongs to the rig counted once;
 * nothing is scheduled for it.
 */
final class HandsOn
{
    private readonly EngineCompiler $compiler;
    /** @var array<string, EngineOrder|null> */
    private array $known = [];
    /** @var array<int, int> minutes, by order of one engine */
    private array $minutes = [];

    public function __construct(OrderRequest $request, private readonly WorkPlanner $planner = new WorkPlanner())
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
        $minutes = $rig = [];
        foreach ($orders as $order) {
            $minutes[] = $this->atEngine($order);
            foreach (array_filter(
                $order->operations,
                static fn (OrderedOperation $operation): bool => null === $operation->position,
            ) as $operation) {
                $rig[$operation->work->id->work] = self::minutesOf($operation->work);
            }
        }

        return Minutes::count(array_sum($minutes) + array_sum($rig));
    }

    /** One engine alone, with the lockouts and changes of attitude that its work takes. */
    private function atEngine(EngineOrder $order): int
    {
        return $this->minutes[spl_object_id($order)] ??= $this->walked($order);
    }

    private function walked(EngineOrder $order): int
    {
        try {
            $entries = $this->planner->plan(RigPlan::of([$order])->works, 1, 0, Effort::Quick)->entries;
        } catch (CannotPlan) {
            return 0;
        }
        $own = array_filter($entries, static fn (TimelineEntry $entry): bool => null !== $entry->work->position);

        return array_sum(array_map(static fn (TimelineEntry $entry): int => self::minutesOf($entry->work), $own));
    }

    private static function minutesOf(PlannedWork $work): int
    {
        return $work->hands->handsOnMin * $work->hands->people + $work->hands->presenceMin;
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
