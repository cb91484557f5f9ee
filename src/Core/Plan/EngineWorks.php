<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** All that is to be done at one engine, in no order yet. */
final readonly class EngineWorks
{
    /** @param list<PlannedWork> $works */
    public function __construct(public Position $position, public array $works, public ModeChanges $modes)
    {
    }

    /** Of works that are the same but for their engine it is the same. */
    public function kind(): string
    {
        return implode('|', array_map(static fn (PlannedWork $work): string => implode(' ', [
            $work->id->operation,
            $work->hands->handsOnMin,
            $work->hands->presenceMin,
            $work->hands->unattendedMin,
            $work->standing->rank,
            spl_object_id($work->needs),
            spl_object_id($work->changes),
        ]), $this->works));
    }
}
