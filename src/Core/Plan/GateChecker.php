<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

use FreshTack\Core\Plan\Check\ClosingCheck;
use FreshTack\Core\Plan\Check\HandsCheck;
use FreshTack\Core\Plan\Check\RunCheck;
use FreshTack\Core\Plan\Check\Runs;

/**
 * Replays work and names the first gate that it breaks. It knows nothing of how the plan was made: it keeps a model of
 * each engine, asks it at the beginning of every piece of work, and looks at whose hands do what meanwhile.
 */
final readonly class GateChecker
{
    /**
     * One thing after the other by the same hands, each with its own minutes.
     *
     * @param list<PlannedWork> $sequence
     *
     * @throws GateBroken if work comes before what it needs, or an engine would leave the bench unfit
     */
    public function check(Rig $rig, array $sequence): void
    {
        $minute = 0;
        $timed = [];
        foreach ($sequence as $work) {
            $timed[] = new TimedWork($work, $minute);
            $follows = $work->changes->has(Effect::Started) || '' !== $work->standing->together;
            $minute += $work->hands->heldMin + ($follows && 0 === $work->hands->unattendedMin ? 0 : $work->hands->unattendedMin);
        }
        $this->checkTimed($rig, $timed);
    }

    /**
     * Works that may go on side by side: what one undoes is undone at its beginning, what it brings about is there at
     * its end.
     *
     * @param list<TimedWork> $plan in the order in which they begin
     *
     * @throws GateBroken
     */
    public function checkTimed(Rig $rig, array $plan): void
    {
        $this->replay($rig, $plan);
        $runs = new Runs($rig, $plan);
        (new HandsCheck($plan, $runs))->check();
        (new RunCheck($rig, $plan, $runs))->check();
        (new ClosingCheck($plan))->check();
    }

    /**
     * @param list<TimedWork> $plan
     *
     * @throws GateBroken
     */
    private function replay(Rig $rig, array $plan): void
    {
        $engines = array_fill_keys(array_column($rig->positions, 'value'), ReplayedEngine::onArrival());
        foreach ($plan as $timed) {
            $concerned = null === $timed->work->position ? $rig->positions : [$timed->work->position];
            foreach ($concerned as $position) {
                $engine = ($engines[$position->value] ?? ReplayedEngine::onArrival())->until($timed->startMin);
                $engine->ask($timed);
                $engines[$position->value] = $engine->begin($timed);
            }
        }
        foreach ($rig->positions as $position) {
            $engines[$position->value]->until(\PHP_INT_MAX)->askAtTheEnd($position);
        }
    }
}
