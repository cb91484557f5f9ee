<?php

declare(strict_types=1);

namespace FreshTack\Core\Procedure;

/** How an operation is done: its time, what it takes, its steps. */
final readonly class Doing
{
    /** @param list<Step> $steps */
    public function __construct(public OperationTimes $times, public Outfit $outfit, public array $steps)
    {
    }
}
