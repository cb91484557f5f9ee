<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** One operation in its place: at which engine (null: the whole rig), and what it changes. */
final readonly class PlannedWork
{
    /** @param list<Effect> $effects */
    public function __construct(public ?string $position, public string $title, public array $effects)
    {
    }
}
