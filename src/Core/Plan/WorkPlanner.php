<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

use FreshTack\Core\Plan\Sequence\Dice;

/**
 * Plans the work on a rig by walking through it many times with other tastes, and keeps the calmest of the short plans:
 * of those at most two per cent longer than the shortest found the one with the fewest changes of place, then turns.
 */
final readonly class WorkPlanner
{
    private const LONGER_PER_MILLE = 20;
    private const CHANGES_MIN = [0, 4, 10, 20, 40, 70, 120, 250, 500];
    private const TURNS_MIN = [0, 15, 60, 200];
    private const WAITS_MIN = [0, 0, 3, 6, 10, 16, 26];
    private const NOISES_MIN = [3, 10, 25, 60, 120];

    /**
     * @param int $technicians from 1
     * @param int $changeMin   minutes that a change of place costs
     *
     * @throws CannotPlan if the work comes to a standstill however it is walked through
     */
    public function plan(RigWorks $rig, int $technicians, int $changeMin, Effort $effort): Timeline
    {
        $map = new WalkMap($rig);
        $found = [];
        $tried = 0;
        foreach ($this->tastes($effort->schedules(\count($rig->stretches))) as $taste) {
            ++$tried;
            $walked = Walk::through($map, $technicians, $changeMin, $taste);
            $known = null === $walked ? null : $found[$walked->changes] ?? null;
            if (null !== $walked && (null === $known || $walked->score() < $known->score())) {
                $found[$walked->changes] = $walked;
            }
        }
        $best = $this->calmest($found) ?? throw CannotPlan::standstill();
        $bound = Effort::Full === $effort ? PlanBound::of($rig, $technicians, $changeMin) : null;

        return new Timeline((new TimelineMaker($rig, $technicians))->entries($best), $technicians, $best->makespanMin, $bound, $tried);
    }

    /** @return iterable<Taste> */
    private function tastes(int $count): iterable
    {
        $usual = \array_slice(Taste::usual(), 0, max(1, $count));
        yield from $usual;
        $dice = new Dice();
        for ($seed = \count($usual); $seed < $count; ++$seed) {
            yield new Taste(
                self::CHANGES_MIN[$dice->roll(\count(self::CHANGES_MIN))],
                self::TURNS_MIN[$dice->roll(\count(self::TURNS_MIN))],
                self::WAITS_MIN[$dice->roll(\count(self::WAITS_MIN))],
                self::NOISES_MIN[$dice->roll(\count(self::NOISES_MIN))],
                $seed,
            );
        }
    }

    /** @param array<int, Walked> $found by changes of place */
    private function calmest(array $found): ?Walked
    {
        if ([] === $found) {
            return null;
        }
        $shortest = min(array_map(static fn (Walked $walked): int => $walked->makespanMin, $found));
        $short = array_filter($found, static fn (Walked $walked): bool => 1000 * $walked->makespanMin <= (1000 + self::LONGER_PER_MILLE) * $shortest);
        ksort($short);

        return array_values($short)[0] ?? null;
    }
}
