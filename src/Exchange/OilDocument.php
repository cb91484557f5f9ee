<?php

declare(strict_types=1);

namespace FreshTack\Exchange;

use FreshTack\Core\Fluid\ContainerPick;
use FreshTack\Core\Fluid\ContainerPlan;
use FreshTack\Core\Order\LubricantPool;
use FreshTack\Core\Order\OilPool;
use FreshTack\Core\Plan\Position;

/** The oil of an order and its other lubricants: pooled need, and the containers to pull. */
final readonly class OilDocument
{
    /** @return array<string, mixed> */
    public static function of(OilPool $pool): array
    {
        return [
            'grade' => $pool->grade,
            'performanceClass' => $pool->performanceClass,
            'positions' => array_map(static fn (Position $position): string => $position->label(), $pool->positions),
            'capacity' => WorkOrderDocument::volume($pool->capacity),
            'reserve' => WorkOrderDocument::volume($pool->reserve),
            'need' => WorkOrderDocument::volume($pool->need),
            'plan' => null === $pool->plan ? null : self::plan($pool->plan),
            'shortage' => $pool->shortage,
            'why' => $pool->why,
            'trap' => $pool->trap,
        ];
    }

    /** @return array<string, mixed> */
    public static function lubricant(LubricantPool $pool): array
    {
        return [
            'name' => $pool->name,
            'positions' => array_map(static fn (Position $position): string => $position->label(), $pool->positions),
            'uses' => $pool->uses,
            'firstUse' => $pool->firstUse,
            'need' => null === $pool->need ? null : WorkOrderDocument::volume($pool->need),
            'plan' => null === $pool->plan ? null : self::plan($pool->plan),
            'shortage' => $pool->shortage,
            'why' => $pool->why,
        ];
    }

    /** @return array<string, mixed> */
    private static function plan(ContainerPlan $plan): array
    {
        return [
            'picks' => array_map(static fn (ContainerPick $pick): array => [
                'id' => $pick->container->id,
                'size' => WorkOrderDocument::volume($pick->opened && null !== $pick->container->opened ? $pick->container->opened : $pick->container->size),
                'count' => $pick->count,
                'opened' => $pick->opened,
            ], $plan->picks),
            'totalMl' => $plan->totalMl,
            'leftOverMl' => $plan->leftOverMl,
            'opensNone' => $plan->opensNone(),
            'costMinor' => $plan->costMinor,
        ];
    }
}
