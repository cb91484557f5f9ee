<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/**
 * Replays work and names the first gate that it breaks. It knows nothing of how the plan was made: it keeps a model of
 * each engine, and asks it at the beginning of every piece of work.
 */
final readonly class GateChecker
{
    /**
     * One thing after the other, times left aside.
     *
     * @param list<string>      $positions the engines at the bench
     * @param list<PlannedWork> $sequence
     *
     * @throws GateBroken if work comes before what it needs, or an engine would leave the bench unfit
     */
    public function check(array $positions, array $sequence): void
    {
        $day = 1440;
        $this->checkTimed($positions, array_map(static fn (PlannedWork $work, int $place): TimedWork => new TimedWork($work, $day * $place, $day * ($place + 1)), $sequence, array_keys($sequence)));
    }

    /**
     * Works that may go on side by side: what one undoes is undone at its beginning, what it brings about is there at
     * its end.
     *
     * @param list<string>    $positions
     * @param list<TimedWork> $plan      in the order in which they begin
     *
     * @throws GateBroken
     */
    public function checkTimed(array $positions, array $plan): void
    {
        $engines = array_fill_keys($positions, ReplayedEngine::onArrival());
        foreach ($plan as $timed) {
            foreach (null === $timed->work->position ? $positions : [$timed->work->position] as $position) {
                $engine = ($engines[$position] ?? ReplayedEngine::onArrival())->until($timed->startMin);
                $engine->ask($timed, $position);
                $engines[$position] = $engine->begin($timed);
            }
        }
        foreach ($engines as $position => $engine) {
            $engine->until(\PHP_INT_MAX)->askAtTheEnd($position);
        }
    }
}
