<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** A work with its place in the plan. */
final readonly class TimelineEntry
{
    public TimedWork $timed;
    /** Minute from which on nobody is held by it. */
    public int $heldEndMin;
    public int $endMin;

    /**
     * @param int       $startMin    minutes from the beginning
     * @param list<int> $technicians who is held by it, from 1; empty: nobody
     * @param bool      $helper      it takes more people than there are technicians: call a helper
     */
    public function __construct(public PlannedWork $work, public int $startMin, public array $technicians, public bool $helper)
    {
        $this->timed = new TimedWork($work, $startMin, $technicians);
        [$this->heldEndMin, $this->endMin] = [$this->timed->heldEndMin, $this->timed->endMin];
    }

    public function id(): string
    {
        return $this->work->id->text;
    }
}
