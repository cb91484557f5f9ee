<?php

declare(strict_types=1);

namespace FreshTack\Core\Fluid;

final readonly class ContainerPlan
{
    /** @param list<ContainerPick> $picks */
    public function __construct(public array $picks, public int $totalMl, public int $leftOverMl, public int $costMinor)
    {
    }

    /** Whether what is left over stays in a container that was open before: no new one is opened. */
    public function opensNone(): bool
    {
        return [] === array_filter($this->picks, static fn (ContainerPick $pick): bool => !$pick->opened);
    }
}
