<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

use FreshTack\Core\Plan\Sequence\Dice;

/**
 * Plans the work on a rig by walking through it many times: with other tastes first, then with the best of them changed
 * here and there. What less effort tries is the start of what more effort tries. Of the plans at most two per cent longer
 * than the shortest found it keeps the one with the fewest changes of place and the least that is left open, then turns.
 */
final readonly class WorkPlanner
{
    private const LONGER_PER_MILLE = 20;
    /** Taste after taste: minutes for a change, a turn, a wait, a second person, of patience, and for what is left open. */
    private const USUAL = [
        [30, 20, 3, 10, 0, 150], [0, 0, 0, 0, 0, 150], [60, 30, 6, 20, 0, 150], [15, 10, 0, 5, 0, 150],
        [120, 60, 8, 30, 0, 150], [60, 0, 0, 60, 0, 150], [240, 60, 0, 15, 0, 150], [30, 60, 10, 40, 0, 150],
        [8, 30, 2, 10, 0, 150], [90, 90, 15, 90, 0, 150], [400, 200, 4, 25, 0, 150], [20, 0, 6, 120, 0, 150],
    ];
    private const CHANGES_MIN = [0, 4, 10, 20, 40, 70, 120, 250, 500];
    private const TURNS_MIN = [0, 15, 60, 200];
    private const WAITS_MIN = [0, 0, 3, 6, 10, 16, 26];
    private const PAIRS_MIN = [0, 5, 15, 30, 60, 120];
    private const OPENS_MIN = [150, 300, 600, 1200];
    private const PATIENCES_MIN = [0, 0, 4, 8, 15];
    /** Minutes behind a work up to which it may be kept back, and by how much less it is worth then. */
    private const BEHINDS_MIN = [0, 120, 200];
    private const KEPT_BACKS_MIN = [50, 150, 300];
    private const NOISES_MIN = [3, 10, 25, 60, 120];
    /** Walks that look around before the best is changed. */
    private const AROUND = 100;
    private const CHANGED_AT_ONCE = 4;
    private const MOVED_AT_ONCE = 3;

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
        $dice = new Dice();
        $best = $taste = $stuck = null;
        for ($walk = 0; $walk < $count; ++$walk) {
            $tried = $walk < self::AROUND || null === $taste ? $this->taste($walk, $map, $dice) : $this->changed($taste, $dice);
            $walked = Walk::through($map, $technicians, $changeMin, $tried);
            $stuck ??= $walked->stuck;
            if (null === $walked->stuck) {
                $found->add($walked);
                $cost = $walked->makespanMin + $walked->unrest();
                [$best, $taste] = null === $best || $cost <= $best ? [$cost, $tried] : [$best, $taste];
            }
        }
        $plan = $found->calmest() ?? throw self::standstill($rig, $stuck);
        $plan = Mirror::fromPort($rig, $plan);
        $bound = Effort::Full === $effort ? PlanBound::of($map, $technicians, $changeMin) : null;

        return new Timeline((new TimelineMaker($rig, $technicians))->entries($plan), $technicians, $plan->makespanMin, $bound, $count);
    }

    /** @param array{int, int}|null $stuck */
    private static function standstill(RigWorks $rig, ?array $stuck): CannotPlan
    {
        [$one, $other] = $stuck ?? [0, 0];

        return CannotPlan::standstill($rig->stretches[$one]->works[0], $rig->stretches[$other]->works[0]);
    }

    private function taste(int $walk, WalkMap $map, Dice $dice): Taste
    {
        if (isset(self::USUAL[$walk])) {
            [$changeMin, $turnMin, $placeMin, $personMin, $worthMin, $openMin] = self::USUAL[$walk];

            return new Taste($changeMin, $turnMin, $openMin, new Patience($placeMin, $personMin, $worthMin), $map->tails);
        }
        $noise = self::pick(self::NOISES_MIN, $dice);
        [$changeMin, $turnMin] = [self::pick(self::CHANGES_MIN, $dice), self::pick(self::TURNS_MIN, $dice)];
        $patience = new Patience(
            self::pick(self::WAITS_MIN, $dice),
            self::pick(self::PAIRS_MIN, $dice),
            self::pick(self::PATIENCES_MIN, $dice),
        );
        $openMin = self::pick(self::OPENS_MIN, $dice);
        $worth = array_map(static fn (int $tail): int => $tail + $dice->roll($noise + 1), $map->tails);

        return new Taste($changeMin, $turnMin, $openMin, $patience, $this->keptBack($worth, $map, $dice));
    }

    /**
     * What has little behind it is worth less still: it is kept for the waits at the end.
     *
     * @param list<int> $worth
     *
     * @return list<int>
     */
    private function keptBack(array $worth, WalkMap $map, Dice $dice): array
    {
        $most = self::pick(self::BEHINDS_MIN, $dice);
        $less = self::pick(self::KEPT_BACKS_MIN, $dice);

        return array_map(
            static fn (int $worth, int $tail, Stretch $stretch): int => $tail - $stretch->heldMin < $most && self::canWait($stretch)
                ? $worth - $less
                : $worth,
            $worth,
            $map->tails,
            $map->stretches,
        );
    }

    private static function canWait(Stretch $stretch): bool
    {
        return 1 === \count($stretch->works) && !$stretch->isClosing();
    }

    private function changed(Taste $taste, Dice $dice): Taste
    {
        return 0 === $dice->roll(2) ? $taste->with($this->moved($taste->worth, $dice)) : $this->rolled($taste, $dice);
    }

    /**
     * Some are worth as much as some other, or hardly more or less: they are begun beside it.
     *
     * @param list<int> $worth
     *
     * @return list<int>
     */
    private function moved(array $worth, Dice $dice): array
    {
        for ($times = 1 + $dice->roll(self::MOVED_AT_ONCE); $times > 0; --$times) {
            $worth[$dice->roll(\count($worth))] = $worth[$dice->roll(\count($worth))] + $dice->roll(3) - 1;
        }

        return array_values($worth);
    }

    private function rolled(Taste $taste, Dice $dice): Taste
    {
        $worth = $taste->worth;
        $most = 2 * self::pick(self::NOISES_MIN, $dice);
        for ($times = 1 + $dice->roll(self::CHANGED_AT_ONCE); $times > 0; --$times) {
            $worth[$dice->roll(\count($worth))] += $dice->roll(2 * $most + 1) - $most;
        }
        $worth = array_values($worth);

        return match ($dice->roll(6)) {
            0 => $this->leaving($taste, $worth, $dice),
            1 => $this->waiting($taste, $worth, $dice),
            default => $taste->with($worth),
        };
    }

    /** @param list<int> $worth */
    private function leaving(Taste $taste, array $worth, Dice $dice): Taste
    {
        $changeMin = self::pick(self::CHANGES_MIN, $dice);
        $patience = new Patience($taste->patience->placeMin, $taste->patience->personMin, self::pick(self::PATIENCES_MIN, $dice));

        return new Taste($changeMin, $taste->turnMin, self::pick(self::OPENS_MIN, $dice), $patience, $worth);
    }

    /** @param list<int> $worth */
    private function waiting(Taste $taste, array $worth, Dice $dice): Taste
    {
        $patience = new Patience(self::pick(self::WAITS_MIN, $dice), self::pick(self::PAIRS_MIN, $dice), $taste->patience->worthMin);

        return new Taste($taste->changeMin, $taste->turnMin, $taste->openMin, $patience, $worth);
    }

    /** @param non-empty-list<int> $of */
    private static function pick(array $of, Dice $dice): int
    {
        return $of[$dice->roll(\count($of))];
    }
}
