<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** Replays a sequence of work and names the first gate that it breaks. It knows nothing of how the sequence was made. */
final readonly class GateChecker
{
    /**
     * @param list<string>      $positions the engines at the bench
     * @param list<PlannedWork> $sequence
     *
     * @throws GateBroken if work comes before what it needs, or an engine would leave the bench unfit
     */
    public function check(array $positions, array $sequence): void
    {
        $engines = array_fill_keys($positions, EngineState::onArrival());
        foreach ($sequence as $work) {
            foreach (null === $work->position ? $positions : [$work->position] as $position) {
                $engines[$position] = $this->done($work, $position, $engines[$position] ?? EngineState::onArrival());
            }
        }
        foreach ($engines as $position => $state) {
            foreach (Gate::atTheEnd() as $gate) {
                $state->meets($gate) || throw GateBroken::atTheEnd($position, $gate);
            }
        }
    }

    /** @throws GateBroken */
    private function done(PlannedWork $work, string $position, EngineState $state): EngineState
    {
        foreach ($work->effects as $effect) {
            foreach (Gate::before($effect) as $gate) {
                $state->meets($gate) || throw GateBroken::before($work, $position, $gate);
            }
            $state = $state->after($effect);
        }

        return $state;
    }
}
