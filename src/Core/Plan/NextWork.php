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
        $ties = [];
        foreach ($this->agenda->ready as $number) {
            if ($this->taste->worth[$number] <= $bestScore) {
                break;
            }
            $stretch = $this->map->stretches[$number];
            $people = min($stretch->people, $this->rig->technicians);
            if ($this->agenda->from[$number] > $minute || $minute + $stretch->heldMin > $until || !$this->rig->mayBegin($number, $minute)) {
                $until = min($until, $this->awaited($number, $minute));
            } elseif (0 === $stretch->heldMin) {
                return [$number, []];
            } elseif (\count($free) < $people) {
                $until = min($until, $this->comes($people - \count($free), $minute));
            } else {
                foreach ($free as $technician) {
                    $ties[$technician] ??= $this->ties($technician, $minute);
                }
                $score = $this->score($number, $minute);
                $hands = $score > $bestScore ? $this->hands($number, $people, $ties, $minute) : null;
                $score -= array_sum($hands ?? []);
                if (null !== $hands && $score > $bestScore) {
                    [$best, $bestScore] = [[$number, array_keys($hands)], $score];
                }
            }
        }

        return $best;
    }

    /** What it is worth to whoever stands there already. */
    private function score(int $number, int $minute): int
    {
        $turnMin = $this->rig->turns($number) ? $this->taste->turnMin : 0;

        return $this->taste->worth[$number] - $turnMin - $this->strayingMin($number, $minute);
    }

    /**
     * Those of the free to whom it comes cheapest.
     *
     * @param array<int, array{int, array<string, true>}> $ties by technician who is free, as `ties` gives them
     *
     * @return array<int, int>|null minutes that it must be worth, by technician; null: too few may do it
     */
    private function hands(int $number, int $people, array $ties, int $minute): ?array
    {
        $costs = [];
        foreach ($ties as $technician => [$leavingMin, $open]) {
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

    /** The minute at which it can be gone on with, if that is so soon that nothing is begun which ends later. */
    private function awaited(int $number, int $minute): int
    {
        $from = $this->agenda->from[$number];

        return $from > $minute && $from <= $minute + $this->taste->patience->worthMin && isset($this->agenda->moments[$from])
            ? $from
            : \PHP_INT_MAX;
    }

    /** The minute at which so many more people will be free, if it pays to wait for them. */
    private function comes(int $more, int $minute): int
    {
        $until = $minute + $this->taste->patience->personMin;
        $soon = array_filter($this->rig->freeFrom, static fn (int $from): bool => $from > $minute && $from <= $until);
        sort($soon);

        return $soon[$more - 1] ?? \PHP_INT_MAX;
    }

    /** The minute at which its own work would begin, at the latest. */
    private function start(int $number, int $technician, int $minute): int
    {
        $start = $this->rig->isAway($technician, $number)
            ? max($minute, $this->rig->freeFrom[$technician] + $this->rig->changeMin)
            : $minute;
        $start = $this->map->stretches[$number]->people > 1 ? $minute + $this->rig->changeMin : $start;
        $enters = $this->map->stretches[$number]->enters;
        $turn = $this->rig->turns($number) && null !== $enters ? $this->map->turn($number, $enters) : null;

        return $start + ($turn?->hands->heldMin ?? 0);
    }

    /** Whether something where he stands can be gone on with so soon that walking away does not pay. */
    private function ratherWaits(int $technician, int $minute): bool
    {
        [$position] = $this->rig->places[$technician];
        if (0 === $this->taste->patience->placeMin || '' === $position) {
            return false;
        }
        $until = $minute + $this->taste->patience->placeMin;
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
     * What ties somebody: minutes that it must be worth to go elsewhere, at most if he rather waits; and the engines on
     * which he has opened something while nothing there goes on by itself.
     *
     * @return array{int, array<string, true>}
     */
    private function ties(int $technician, int $minute): array
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
