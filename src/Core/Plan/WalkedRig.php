<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/**
 * The rig while its work is walked through: who is where and until when, what runs, what fuel and vapour stands open,
 * and what may therefore not begin.
 */
final class WalkedRig
{
    /** @var array<int, int> minute from which on each technician is free */
    public array $freeFrom;
    /** @var array<int, array{string, bool|null}> where each technician stands: engine, and whether below */
    public array $places;
    /** @var array<string, WalkedEngine> by position */
    public array $engines = [];
    /** @var array<string, array<int, int>> minute from which on each open pair drips no more, by position */
    public array $open = [];
    private int $runsUntil = 0;
    private int $fuelUntil = 0;
    private int $vapourUntil = 0;
    private int $rigFuelUntil = 0;
    private int $turnsUntil = 0;

    public function __construct(private readonly WalkMap $map, public readonly int $technicians, public readonly int $changeMin)
    {
        foreach ($map->rig->rig->positions as $position) {
            $this->engines[$position->value] = new WalkedEngine();
            $this->engines[$position->value]->arrives = $map->arrivals[$position->value] ?? null;
        }
        $this->freeFrom = array_fill(1, $technicians, 0);
        $this->places = array_fill(1, $technicians, ['', null]);
    }

    public function isAway(int $technician, int $number): bool
    {
        $position = $this->map->positions[$number];
        [$at, $below] = $this->places[$technician];
        if ('' === $at || '' === $position) {
            return false;
        }
        $enters = $this->map->below[$number][0];

        return $at !== $position || (null !== $below && null !== $enters && $below !== $enters);
    }

    public function turns(int $number): bool
    {
        $enters = $this->map->stretches[$number]->enters;

        return null !== $enters && $enters !== $this->engines[$this->map->positions[$number]]->attitude;
    }

    public function mayBegin(int $number, int $minute): bool
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

    /** Turns its engine as the stretch needs it; the minute at which that is done. */
    public function turn(int $number, PlannedWork $turn, int $start): int
    {
        $end = $start + $turn->hands->heldMin;
        $this->engines[$this->map->positions[$number]]->takeAll($end);
        $this->turnsUntil = max($this->turnsUntil, $end);

        return $end;
    }

    /** Minutes before `$minute` in which something lay open on its engine, dripped no more, and nobody was at it. */
    public function leftOpenMin(int $number, int $minute): int
    {
        $position = $this->map->positions[$number];
        $open = $this->open[$position] ?? [];

        return [] === $open ? 0 : max(0, $minute - max($this->engines[$position]->heldByHandsUntil, min($open)));
    }

    /**
     * @param list<int> $hands      technicians who do it from that minute on
     * @param int|null  $turnedFrom minute at which its engine began to be turned for it; null: it hung as it should
     */
    public function begin(int $number, array $hands, int $start, ?int $turnedFrom): void
    {
        $stretch = $this->map->stretches[$number];
        $position = $this->map->positions[$number];
        $held = $start + $stretch->heldMin;
        $end = $held + $stretch->unattendedMin;
        foreach ($hands as $technician) {
            $this->freeFrom[$technician] = $held;
            $this->places[$technician] = $this->placeAfter($number, $this->places[$technician]);
        }
        if ('' !== $position) {
            $this->take($number, $position, $start, $turnedFrom);
            $this->openAndClose($number, $position, $start);
        }
        $this->runsUntil = $this->map->runs[$number] ? max($this->runsUntil, $start + $this->map->runEnds[$number]) : $this->runsUntil;
        $this->fuelUntil = $this->map->fuel[$number] ? max($this->fuelUntil, $end) : $this->fuelUntil;
        $this->rigFuelUntil = '' === $position && $this->map->fuel[$number] ? max($this->rigFuelUntil, $end) : $this->rigFuelUntil;
        $this->turnsUntil = $this->map->innerTurn[$number] ? max($this->turnsUntil, $held) : $this->turnsUntil;
        $this->vapourUntil = $this->map->sprays[$number] ? max($this->vapourUntil, $end) : $this->vapourUntil;
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

    private function take(int $number, string $position, int $start, ?int $turnedFrom): void
    {
        $stretch = $this->map->stretches[$number];
        $engine = $this->engines[$position];
        $held = $start + $stretch->heldMin;
        foreach ($stretch->zones as $zone) {
            $engine->freeFrom[$zone] = $held;
        }
        $engine->heldByHandsUntil = max($engine->heldByHandsUntil, $held);
        $engine->attitude = $stretch->leaves ?? $stretch->enters ?? $engine->attitude;
        if ($stretch->unattendedMin > 0) {
            $engine->goesOnUntil = max($engine->goesOnUntil, $held + $stretch->unattendedMin);
        }
        if (null !== $stretch->leaves && $stretch->unattendedMin > 0) {
            $engine->heldUntil = max($engine->heldUntil, $held + $stretch->unattendedMin);
        }
        if (null !== $this->map->inReach[$number]) {
            $engine->inReachFrom = $turnedFrom ?? $start + $this->map->inReach[$number];
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
