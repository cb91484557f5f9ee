<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** All that is to be done at one engine, in no order yet. */
final readonly class EngineWorks
{
    /**
     * @param list<PlannedWork> $works
     * @param list<HandMove>    $moves by hand; the earlier ones have precedence
     */
    public function __construct(public string $position, public array $works, public ModeChanges $modes, public array $moves = [])
    {
    }
}
