<?php

declare(strict_types=1);

namespace FreshTack\Exchange;

use FreshTack\Core\Fluid\ContainerPick;
use FreshTack\Core\Fluid\ContainerPlan;
use FreshTack\Core\Fluid\LevelAdvice;

/** The answers of `fluid:containers` and `fluid:level`. Volumes are whole millilitres, money the smallest coin. */
final readonly class FluidDocument
{
    /** @return array<string, mixed> */
    public static function containers(ContainerPlan $plan): array
    {
        return [
            'picks' => array_map(static fn (ContainerPick $pick): array => ['id' => $pick->container->id, 'count' => $pick->count, 'opened' => $pick->opened], $plan->picks),
            'totalMl' => $plan->totalMl,
            'leftOverMl' => $plan->leftOverMl,
            'opensNone' => $plan->opensNone(),
            'costMinor' => $plan->costMinor,
        ];
    }

    /** @return array<string, mixed> */
    public static function level(LevelAdvice $advice): array
    {
        return ['advice' => $advice->advice->value, 'waitMin' => $advice->waitMin, 'amountMl' => $advice->amountMl, 'reason' => $advice->reason];
    }
}
