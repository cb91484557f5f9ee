<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** Chooses what is begun next, and by whom: what is worth most to whoever is free, where he stands if it can be. */
final readonly class NextWork
{
    /** Minutes by which work elsewhere must be worth more to leave something open for it. */
    private const LEFT_OPEN_MIN = 150;

    public function __construct(
        private WalkMap $map,
        private Taste $taste,
        private WalkedRig $rig,
        private Agenda $agenda,
        private Walked $walked,
    ) {
    }

    /** @return array{int, list<int>}|null the stretch and who begins it; null: nothing can be begun now */
    public function at(int $minute): ?array
    {
        $free = array_keys(array_filter($this->rig->freeFrom, static fn (int $from): bool => $from <= $minute));
        if ([] === $free) {
            return null;
        }
        $best = null;
        $bestScore = \PHP_INT_MIN;
        $until = \PHP_INT_MAX;
        $leaving = [];
        foreach ($this->agenda->ready as $number) {
            $worth = $this->taste->worth[$number];
            if ($worth <= $bestScore) {
                break;
            }
            if ($this->agenda->from[$number] > $minute) {
                $until = $this->isAwaited($number, $minute) ? min($until, $this->agenda->from[$number]) : $until;
                continue;
            }
            if ($minute + $this->map->stretches[$number]->heldMin > $until || !$this->rig->mayBegin($number, $minute)) {
                continue;
            }
            $people = min($this->map->stretches[$number]->people, $this->rig->technicians);
            if (0 === $this->map->stretches[$number]->heldMin) {
                return [$number, []];
            }
            if (\count($free) < $people) {
                $until = min($until, $this->comes($people - \count($free), $minute));
                continue;
            }
            $score = $worth - ($this->rig->turns($number) ? $this->taste->turnMin : 0) - $this->strayingMin($number, $minute);
            if ($score <= $bestScore) {
                continue;
            }
            $hands = $this->hands($number, $people, $free, $minute, $leaving);
            $own = null === $hands ? \PHP_INT_MIN : $score - array_sum($hands);
            if (null !== $hands && $own > $bestScore) {
                $bestScore = $own;
                $best = [$number, array_keys($hands)];
            }
        }

        return $best;
    }

    /**
     * Those of the free to whom it comes cheapest.
     *
     * @param list<int>               $free
     * @param array<int, array{int, int}> $leaving by technician, as `leavingMin` gives them; filled as they are asked for
     *
     * @return array<int, int>|null minutes that it must be worth, by technician; null: too few may do it
     */
    private function hands(int $number, int $people, array $free, int $minute, array &$leaving): ?array
    {
        $costs = [];
        foreach ($free as $technician) {
            $cost = 0;
            if ($this->rig->isAway($technician, $number)) {
                $isElsewhere = $this->rig->places[$technician][0] !== $this->map->positions[$number];
                $cost = ($leaving[$technician] ??= $this->leavingMin($technician, $minute))[$isElsewhere ? 1 : 0];
            }
            if (\PHP_INT_MAX !== $cost && !$this->isClosingDue($number, $technician, $minute)) {
                $costs[$technician] = $cost;
            }
        }
        if (\count($costs) < $people) {
            return null;
        }
        asort($costs);

        return \array_slice($costs, 0, $people, true);
    }

    /** Whether it can be gone on with so soon that nothing is begun which ends later. */
    private function isAwaited(int $number, int $minute): bool
    {
        return $this->agenda->from[$number] <= $minute + $this->taste->patienceMin && isset($this->agenda->moments[$this->agenda->from[$number]]);
    }

    /** The minute at which so many more people will be free, if it pays to wait for them. */
    private function comes(int $more, int $minute): int
    {
        $soon = array_filter($this->rig->freeFrom, fn (int $from): bool => $from > $minute && $from <= $minute + $this->taste->pairMin);
        sort($soon);

        return $soon[$more - 1] ?? \PHP_INT_MAX;
    }

    /** The minute at which its own work would begin, at the latest. */
    private function start(int $number, int $technician, int $minute): int
    {
        $start = $this->rig->isAway($technician, $number) ? max($minute, $this->rig->freeFrom[$technician] + $this->rig->changeMin) : $minute;
        $start = $this->map->stretches[$number]->people > 1 ? $minute + $this->rig->changeMin : $start;
        $enters = $this->map->stretches[$number]->enters;
        $turn = $this->rig->turns($number) && null !== $enters ? $this->map->turn($number, $enters) : null;

        return $start + ($turn?->hands->heldMin ?? 0);
    }

    /** Whether something where he stands can be gone on with so soon that walking away does not pay. */
    private function ratherWaits(int $technician, int $minute): bool
    {
        [$position] = $this->rig->places[$technician];
        if (0 === $this->taste->waitMin || '' === $position) {
            return false;
        }
        $until = $minute + $this->taste->waitMin;
        foreach ($this->agenda->ready as $number) {
            if (
                $this->agenda->from[$number] > $minute
                && $this->agenda->from[$number] <= $until
                && !$this->rig->isAway($technician, $number)
                && isset($this->agenda->moments[$this->agenda->from[$number]])
            ) {
                return true;
            }
        }

        return false;
    }

    /** Whether something at its place is open and drips no more when he comes to it. */
    private function isClosingDue(int $number, int $technician, int $minute): bool
    {
        $start = null;
        foreach ($this->rig->open[$this->map->positions[$number]] ?? [] as $pair => $dripsUntil) {
            if ($this->map->barredBy[$number][$pair] ?? false) {
                $start ??= $this->start($number, $technician, $minute);
                if ($dripsUntil <= $start) {
                    return true;
                }
            }
        }

        return false;
    }

    /** Minutes that it must be worth to who works alone, if something is open elsewhere on the engine and drips no more. */
    private function strayingMin(int $number, int $minute): int
    {
        foreach (1 === $this->rig->technicians ? $this->rig->open[$this->map->positions[$number]] ?? [] : [] as $pair => $dripsUntil) {
            if ($dripsUntil <= $minute && false === ($this->map->barredBy[$number][$pair] ?? null)) {
                return self::LEFT_OPEN_MIN;
            }
        }

        return 0;
    }

    /**
     * Minutes that it must be worth to go elsewhere on the engine, and away from it: more where he has opened something
     * and nothing there goes on by itself.
     *
     * @return array{int, int} at most: he rather waits
     */
    private function leavingMin(int $technician, int $minute): array
    {
        if ($this->ratherWaits($technician, $minute)) {
            return [\PHP_INT_MAX, \PHP_INT_MAX];
        }
        [$position] = $this->rig->places[$technician];
        $open = $this->rig->open[$position] ?? [];
        $ownOpen = [] === $open || $this->rig->engines[$position]->goesOnUntil > $minute ? [] : array_filter(
            array_keys($open),
            fn (int $pair): bool => \in_array($technician, $this->walked->by[$this->map->pairs[$pair][0]], true),
        );

        return [$this->taste->changeMin, $this->taste->changeMin + ([] === $ownOpen ? 0 : self::LEFT_OPEN_MIN)];
    }
}
