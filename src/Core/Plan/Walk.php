<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/**
 * Walks through the work as people do: whoever is free takes what is worth most to go on with, where he stands if it
 * can be, and waits if nothing can be begun. It keeps what waits for what, who is where, and what may not go on side by
 * side; whether the gates hold is not its question.
 */
final class Walk
{
    /** Minutes by which work elsewhere must be worth more to leave something open for it. */
    private const LEFT_OPEN_MIN = 150;

    private readonly Walked $walked;
    /** @var array<string, WalkedEngine> by position */
    private array $engines = [];
    /** @var array<int, int> how many each still waits for, by stretch */
    private array $waiting = [];
    /** @var list<int> stretches that wait for nothing more but time, what is worth most first */
    private array $ready = [];
    /** @var array<int, int> minute at which all that each waited for is over, by stretch */
    private array $from = [];
    /** @var array<int, int> minute from which on each technician is free */
    private array $freeFrom;
    /** @var array<int, array{string, bool|null}> where each technician stands: engine, and whether below */
    private array $places;
    private int $runsUntil = 0;
    private int $fuelUntil = 0;
    private int $vapourUntil = 0;
    private int $rigFuelUntil = 0;
    private int $turnsUntil = 0;
    /** @var array<string, array<int, int>> minute from which on each open pair drips no more, by position */
    private array $open = [];
    /** @var array<int, true> minutes at which something ends */
    private array $moments = [];
    private int $left;

    private function __construct(
        private readonly WalkMap $map,
        private readonly int $technicians,
        private readonly int $changeMin,
        private readonly Taste $taste,
    ) {
        $this->walked = new Walked();
        foreach ($map->rig->rig->positions as $position) {
            $this->engines[$position->value] = new WalkedEngine();
            $this->engines[$position->value]->arrives = $map->arrivals[$position->value] ?? null;
        }
        $this->freeFrom = array_fill(1, $technicians, 0);
        $this->places = array_fill(1, $technicians, ['', null]);
        $this->waiting = $map->waiting;
        $this->from = array_fill(0, \count($map->stretches), 0);
        $this->left = \count($map->stretches);
        foreach ($this->waiting as $number => $count) {
            if (0 === $count) {
                $this->addReady($number);
            }
        }
    }

    /** It is told if the work comes to a standstill: what is ready may never begin. */
    public static function through(WalkMap $map, int $technicians, int $changeMin, Taste $taste): Walked
    {
        return (new self($map, $technicians, $changeMin, $taste))->walk();
    }

    private function addReady(int $number): void
    {
        $worth = $this->taste->worth[$number];
        $place = \count($this->ready);
        while ($place > 0 && $this->isWorthLess($this->ready[$place - 1], $worth, $number)) {
            --$place;
        }
        array_splice($this->ready, $place, 0, [$number]);
    }

    private function isWorthLess(int $other, int $worth, int $number): bool
    {
        return $this->taste->worth[$other] < $worth || ($this->taste->worth[$other] === $worth && $other > $number);
    }

    private function walk(): Walked
    {
        $minute = 0;
        while ($this->left > 0) {
            while (null !== ($next = $this->best($minute))) {
                $this->begin($next[0], $next[1], $minute);
            }
            unset($this->moments[$minute]);
            if (0 === $this->left) {
                break;
            }
            if ([] === $this->moments) {
                $this->walked->stuck = $this->stuck();

                return $this->walked;
            }
            $minute = min(array_keys($this->moments));
        }

        return $this->walked;
    }

    /** @return array{int, list<int>}|null the stretch and who begins it; null: nothing can be begun now */
    private function best(int $minute): ?array
    {
        $free = array_keys(array_filter($this->freeFrom, static fn (int $from): bool => $from <= $minute));
        if ([] === $free) {
            return null;
        }
        $best = null;
        $bestScore = $awaited = \PHP_INT_MIN;
        $until = \PHP_INT_MAX;
        $waits = $costs = [];
        foreach ($this->ready as $number) {
            $worth = $this->taste->worth[$number];
            if ($worth <= $bestScore) {
                break;
            }
            if ($this->from[$number] > $minute) {
                $until = $this->isAwaited($number, $minute) ? min($until, $this->from[$number]) : $until;
                continue;
            }
            if ($minute + $this->map->stretches[$number]->heldMin > $until || !$this->mayBegin($number, $minute)) {
                continue;
            }
            $people = min($this->map->stretches[$number]->people, $this->technicians);
            if (0 === $this->map->stretches[$number]->heldMin) {
                return [$number, []];
            }
            if (\count($free) < $people) {
                $awaited = $this->isSoon($people - \count($free), $minute) ? max($awaited, $worth) : $awaited;
                continue;
            }
            $score = $worth - ($this->turns($number) ? $this->taste->turnMin : 0) - $this->strayingMin($number, $minute);
            foreach ($free as $technician) {
                $away = $this->isAway($technician, $number);
                $own = $score - ($away ? $costs[$technician] ??= $this->leavingMin($technician, $minute) : 0);
                if ($own <= $bestScore
                    || ($away && ($waits[$technician] ??= $this->ratherWaits($technician, $minute)))
                    || $this->isClosingDue($number, $technician, $minute)) {
                    continue;
                }
                $bestScore = $own;
                $best = [$number, $technician, $people];
            }
        }
        if (null === $best || $awaited > $bestScore) {
            return null;
        }

        return [$best[0], \array_slice([$best[1], ...array_diff($free, [$best[1]])], 0, $best[2])];
    }

    /** Whether it can be gone on with so soon that nothing is begun which ends later. */
    private function isAwaited(int $number, int $minute): bool
    {
        return $this->from[$number] <= $minute + $this->taste->patienceMin && isset($this->moments[$this->from[$number]]);
    }

    /** Whether so many more people will be free so soon that it pays to wait for them. */
    private function isSoon(int $more, int $minute): bool
    {
        $soon = array_filter($this->freeFrom, fn (int $from): bool => $from > $minute && $from <= $minute + $this->taste->pairMin);

        return \count($soon) >= $more;
    }

    /** The minute at which its own work would begin, at the latest. */
    private function start(int $number, int $technician, int $minute): int
    {
        $start = $this->isAway($technician, $number) ? max($minute, $this->freeFrom[$technician] + $this->changeMin) : $minute;
        $start = $this->map->stretches[$number]->people > 1 ? $minute + $this->changeMin : $start;
        $enters = $this->map->stretches[$number]->enters;
        $turn = $this->turns($number) && null !== $enters ? $this->map->turn($number, $enters) : null;

        return $start + ($turn?->hands->heldMin ?? 0);
    }

    /** Whether something where he stands can be gone on with so soon that walking away does not pay. */
    private function ratherWaits(int $technician, int $minute): bool
    {
        [$position] = $this->places[$technician];
        if (0 === $this->taste->waitMin || '' === $position) {
            return false;
        }
        $until = $minute + $this->taste->waitMin;
        foreach ($this->ready as $number) {
            if (
                $this->from[$number] > $minute
                && $this->from[$number] <= $until
                && !$this->isAway($technician, $number)
                && isset($this->moments[$this->from[$number]])
            ) {
                return true;
            }
        }

        return false;
    }

    private function isAway(int $technician, int $number): bool
    {
        $position = $this->map->positions[$number];
        [$at, $below] = $this->places[$technician];
        if ('' === $at || '' === $position) {
            return false;
        }
        $enters = $this->map->below[$number][0];

        return $at !== $position || (null !== $below && null !== $enters && $below !== $enters);
    }

    private function turns(int $number): bool
    {
        $enters = $this->map->stretches[$number]->enters;

        return null !== $enters && $enters !== $this->engines[$this->map->positions[$number]]->attitude;
    }

    private function mayBegin(int $number, int $minute): bool
    {
        $stretch = $this->map->stretches[$number];
        $position = $this->map->positions[$number];
        if (($this->map->fuel[$number] || $this->map->sprays[$number]) && $this->runsUntil > $minute) {
            return false;
        }
        if ('' === $position) {
            return !$this->map->fuel[$number] || $this->turnsUntil <= $minute;
        }
        $engine = $this->engines[$position];
        $inReach = $this->map->inReach[$number];
        if (!$engine->isFree($stretch->zones, $minute) || (null !== $inReach && $engine->besideRunsUntil > $minute + $inReach)) {
            return false;
        }
        if (
            $this->turns($number)
            && (
                (null !== $engine->arrives && $engine->arrives !== $stretch->enters)
                    || $engine->bars > 0
                    || $engine->heldUntil > $minute
                    || !$engine->isAllFree($minute)
                    || $engine->besideRunsUntil > $minute
                    || $this->rigFuelUntil > $minute
            )
        ) {
            return false;
        }
        if ($this->map->innerTurn[$number] && (null !== $engine->arrives || $engine->bars > 0 || !$engine->isAllFree($minute))) {
            return false;
        }

        return !$this->map->runs[$number]
            || $this->mayRun($position, $minute, $minute + $this->map->runEnds[$number] + 2 * $this->changeMin);
    }

    /** @param int $until when it stops, at the latest */
    private function mayRun(string $position, int $minute, int $until): bool
    {
        if ($this->fuelUntil > $minute || $this->vapourUntil > $minute) {
            return false;
        }
        foreach ($this->map->beside[$position] as $beside) {
            $other = $this->engines[$beside];
            if ($other->inReachUntil > $minute && $other->inReachFrom < $until) {
                return false;
            }
        }
        if ($this->map->rig->rig->shared) {
            foreach ($this->engines as $at => $engine) {
                if ($at !== $position && !$engine->isAllFree($minute)) {
                    return false;
                }
            }
        }

        return true;
    }

    /** @return array{int, int} what can't begin, and what it waits for or what waits for it */
    private function stuck(): array
    {
        $number = $this->ready[0] ?? 0;
        $waiting = [];
        foreach (array_keys(array_filter($this->map->barredBy[$number])) as $pair) {
            $closer = $this->map->pairs[$pair][1];
            $waiting = isset($this->walked->starts[$closer]) ? $waiting : [...$waiting, $closer];
        }

        return [$number, [...$waiting, ...$this->map->behind[$number]][0] ?? $number];
    }

    /** Whether something at its place is open and drips no more when he comes to it. */
    private function isClosingDue(int $number, int $technician, int $minute): bool
    {
        $start = null;
        foreach ($this->open[$this->map->positions[$number]] ?? [] as $pair => $dripsUntil) {
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
        foreach (1 === $this->technicians ? $this->open[$this->map->positions[$number]] ?? [] : [] as $pair => $dripsUntil) {
            if ($dripsUntil <= $minute && false === ($this->map->barredBy[$number][$pair] ?? null)) {
                return self::LEFT_OPEN_MIN;
            }
        }

        return 0;
    }

    /** Minutes that it must be worth to walk away: more where he has opened something and nothing there goes on by itself. */
    private function leavingMin(int $technician, int $minute): int
    {
        [$position] = $this->places[$technician];
        $open = $this->open[$position] ?? [];
        $ownOpen = [] === $open || $this->engines[$position]->goesOnUntil > $minute ? [] : array_filter(
            array_keys($open),
            fn (int $pair): bool => \in_array($technician, $this->walked->by[$this->map->pairs[$pair][0]], true),
        );

        return $this->taste->changeMin + ([] === $ownOpen ? 0 : self::LEFT_OPEN_MIN);
    }

    /** What it opens bars other work until it is closed. */
    private function openAndClose(int $number, string $position, int $start): void
    {
        foreach ($this->map->opens[$number] ?? [] as $pair) {
            $stretch = $this->map->stretches[$number];
            $this->open[$position][$pair] = $stretch->unattendedMin > 0 ? $start + $stretch->heldMin + $stretch->unattendedMin : $start;
        }
        foreach ($this->open[$position] ?? [] as $pair => $_) {
            if ($number === $this->map->pairs[$pair][1]) {
                unset($this->open[$position][$pair]);
            }
        }
    }

    /** @param list<int> $hands */
    private function begin(int $number, array $hands, int $minute): void
    {
        $stretch = $this->map->stretches[$number];
        $position = $this->map->positions[$number];
        $start = $minute;
        foreach ($hands as $technician) {
            if ($this->isAway($technician, $number)) {
                ++$this->walked->changes;
                $start = max($start, $this->freeFrom[$technician] + $this->changeMin);
            }
        }
        if ($this->turns($number) && null !== $stretch->enters) {
            $turn = $this->map->turn($number, $stretch->enters);
            if (null !== $turn) {
                $this->walked->turns[$number] = [$turn, $start];
                $start += $turn->hands->heldMin;
                $this->engines[$position]->takeAll($start);
                $this->turnsUntil = max($this->turnsUntil, $start);
            }
        }
        $this->walked->starts[$number] = $start;
        $this->walked->by[$number] = $hands;
        $held = $start + $stretch->heldMin;
        $end = $held + $stretch->unattendedMin;
        foreach ($hands as $technician) {
            $this->freeFrom[$technician] = $held;
            $this->places[$technician] = $this->placeAfter($number, $this->places[$technician]);
        }
        $this->moments[$held] = $this->moments[$end] = true;
        $this->walked->makespanMin = max($this->walked->makespanMin, $end);
        if ('' !== $position) {
            $this->take($number, $position, $start);
            $this->openAndClose($number, $position, $start);
        }
        $this->runsUntil = $this->map->runs[$number] ? max($this->runsUntil, $start + $this->map->runEnds[$number]) : $this->runsUntil;
        $this->fuelUntil = $this->map->fuel[$number] ? max($this->fuelUntil, $end) : $this->fuelUntil;
        $this->rigFuelUntil = '' === $position && $this->map->fuel[$number] ? max($this->rigFuelUntil, $end) : $this->rigFuelUntil;
        $this->turnsUntil = $this->map->innerTurn[$number] ? max($this->turnsUntil, $held) : $this->turnsUntil;
        $this->vapourUntil = $this->map->sprays[$number] ? max($this->vapourUntil, $end) : $this->vapourUntil;
        array_splice($this->ready, (int) array_search($number, $this->ready, true), 1);
        --$this->left;
        foreach ($this->map->behind[$number] as $other) {
            $this->from[$other] = max($this->from[$other], $end);
            if (0 === --$this->waiting[$other]) {
                $this->addReady($other);
            }
        }
    }

    /**
     * @param array{string, bool|null} $place
     *
     * @return array{string, bool|null}
     */
    private function placeAfter(int $number, array $place): array
    {
        $position = $this->map->positions[$number];

        return '' === $position ? $place : [$position, $this->map->below[$number][1] ?? ($position === $place[0] ? $place[1] : null)];
    }

    private function take(int $number, string $position, int $start): void
    {
        $stretch = $this->map->stretches[$number];
        $engine = $this->engines[$position];
        $held = $start + $stretch->heldMin;
        foreach ($stretch->zones as $zone) {
            $engine->freeFrom[$zone] = $held;
        }
        $engine->attitude = $stretch->leaves ?? $stretch->enters ?? $engine->attitude;
        if ($stretch->unattendedMin > 0) {
            $engine->goesOnUntil = max($engine->goesOnUntil, $held + $stretch->unattendedMin);
        }
        if (null !== $stretch->leaves && $stretch->unattendedMin > 0) {
            $engine->heldUntil = max($engine->heldUntil, $held + $stretch->unattendedMin);
        }
        if (null !== $this->map->inReach[$number]) {
            $engine->inReachFrom = $this->walked->turns[$number][1] ?? $start + $this->map->inReach[$number];
            $engine->inReachUntil = max($engine->inReachUntil, $held);
        }
        $engine->arrives = $stretch->has(Effect::ArrivalRead) ? null : $engine->arrives;
        $engine->bars = max(0, $engine->bars + $this->map->bars[$number]);
        if ($this->map->runs[$number]) {
            $this->run($position, $start + $this->map->runEnds[$number]);
        }
    }

    private function run(string $position, int $until): void
    {
        $isShared = $this->map->rig->rig->shared;
        foreach ($isShared ? array_keys($this->engines) : $this->map->beside[$position] as $other) {
            if ($other !== $position) {
                $this->engines[$other]->besideRunsUntil = max($this->engines[$other]->besideRunsUntil, $until);
                if ($isShared) {
                    $this->engines[$other]->takeAll($until);
                }
            }
        }
    }
}
