<?php

declare(strict_types=1);

namespace FreshTack\Core\Fluid;

final readonly class ContainerPlan
{
    /** @param list<ContainerPick> $picks */
    public function __construct(public array $picks, public int $totalMl, public int $leftOverMl, public int $costMinor)
    {
    }
}
