<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** How one engine is locked out, made ready to start, handed back, and turned into an attitude. */
final readonly class ModeChanges
{
    /**
     * @param array<string, PlannedWork> $turns by attitude
     */
    public function __construct(public ?PlannedWork $lockOut, public ?PlannedWork $unlock, public ?PlannedWork $handBack, public array $turns)
    {
    }
}
