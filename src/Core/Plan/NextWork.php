<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** Chooses what is begun next, and by whom: what is worth most to whoever is free, where he stands if it can be. */
final readonly class NextWork
{
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
        $bound = [];
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
            $hands = $this->hands($number, $people, $free, $minute, $bound);
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
     * @param list<int>                                   $free
     * @param array<int, array{int, array<string, true>}> $bound by technician, as `bound` gives it; filled as it is asked for
     *
     * @return array<int, int>|null minutes that it must be worth, by technician; null: too few may do it
     */
    private function hands(int $number, int $people, array $free, int $minute, array &$bound): ?array
    {
        $costs = [];
        foreach ($free as $technician) {
            [$leavingMin, $open] = $bound[$technician] ??= $this->bound($technician, $minute);
            $cost = $this->rig->isAway($technician, $number) ? $leavingMin : 0;
            if (\PHP_INT_MAX !== $cost && !$this->isClosingDue($number, $technician, $minute)) {
                $isLeftOpen = [] !== $open && !isset($open[$this->map->positions[$number]]);
                $costs[$technician] = $cost + ($isLeftOpen ? $this->taste->openMin : 0);
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
                return $this->taste->openMin;
            }
        }

        return 0;
    }

    /**
     * What holds somebody: minutes that it must be worth to go elsewhere, at most if he rather waits; and the engines on
     * which he has opened something while nothing there goes on by itself.
     *
     * @return array{int, array<string, true>}
     */
    private function bound(int $technician, int $minute): array
    {
        $own = [];
        foreach ($this->rig->open as $position => $open) {
            if ([] === $open || $this->rig->engines[$position]->goesOnUntil > $minute) {
                continue;
            }
            foreach (array_keys($open) as $pair) {
                if (\in_array($technician, $this->walked->by[$this->map->pairs[$pair][0]], true)) {
                    $own[$position] = true;
                }
            }
        }

        return [$this->ratherWaits($technician, $minute) ? \PHP_INT_MAX : $this->taste->changeMin, $own];
    }
}
