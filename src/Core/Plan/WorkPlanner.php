<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/**
 * Plans the work on a rig by walking through it many times: with other tastes first, then with the best of them changed
 * here and there. What less effort tries is the start of what more effort tries. Of the plans at most two per cent longer
 * than the shortest found it keeps the one with the fewest changes of place and the least that is left open, then turns.
 */
final readonly class WorkPlanner
{
    private const LONGER_PER_MILLE = 20;
    /** Walks that look around before the best is changed. */
    private const AROUND = 100;

    /**
     * @param int $technicians from 1
     * @param int $changeMin   minutes that a change of place costs
     *
     * @throws CannotPlan if the work comes to a standstill however it is walked through
     */
    public function plan(RigWorks $rig, int $technicians, int $changeMin, Effort $effort): Timeline
    {
        $map = new WalkMap($rig);
        $count = [] === $rig->stretches ? 1 : $effort->schedules(\count($rig->stretches));
        $found = new FoundPlans(self::LONGER_PER_MILLE);
        $tastes = new Tastes($map);
        $best = $taste = $stuck = null;
        $walk = 0;
        // where the first of few walks get stuck, others are tried
        while ($walk < $count || (null === $taste && $walk < self::AROUND)) {
            $tried = $walk < self::AROUND || null === $taste ? $tastes->first($walk) : $tastes->near($taste);
            $walked = Walk::through($map, $technicians, $changeMin, $tried);
            $stuck ??= $walked->stuck;
            if (null === $walked->stuck) {
                $found->add($walked);
                $cost = $walked->makespanMin + $walked->unrest();
                // what is changed may drift on among equals
                $isBest = null === $best || $cost < $best || ($cost === $best && $walk >= self::AROUND);
                [$best, $taste] = $isBest ? [$cost, $tried] : [$best, $taste];
            }
            ++$walk;
        }
        $plan = $found->calmest() ?? throw self::standstill($rig, $stuck);
        $plan = Mirror::fromPort($rig, $plan);
        $bound = Effort::Full === $effort ? PlanBound::of($map, $technicians, $changeMin) : null;

        return new Timeline((new TimelineMaker($rig, $technicians))->entries($plan), $technicians, $plan->makespanMin, $bound, $walk);
    }

    /** @param array{int, int}|null $stuck */
    private static function standstill(RigWorks $rig, ?array $stuck): CannotPlan
    {
        [$one, $other] = $stuck ?? [0, 0];

        return CannotPlan::standstill($rig->stretches[$one]->works[0], $rig->stretches[$other]->works[0]);
    }
}
