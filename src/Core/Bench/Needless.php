<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

/** Operations that an order would not have without the tasks that are left out of it. */
final readonly class Needless
{
    /**
     * @param list<string> $works   ids of operations
     * @param list<string> $without the tasks, as `port.engine_oil`: if one of them is done after all, nothing falls away
     */
    public function __construct(public array $works, public array $without)
    {
    }
}
