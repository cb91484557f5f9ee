<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/**
 * Walks through the work as people do: whoever is free takes what is worth most to go on with, where he stands if it
 * can be, and waits if nothing can be begun. It keeps what waits for what, who is where, and what may not go on side by
 * side; whether the gates hold is not its question.
 */
final readonly class Walk
{
    private Walked $walked;
    private WalkedRig $rig;
    private Agenda $agenda;
    private NextWork $next;

    private function __construct(private WalkMap $map, int $technicians, int $changeMin, Taste $taste)
    {
        $this->walked = new Walked();
        $this->rig = new WalkedRig($map, $technicians, $changeMin);
        $this->agenda = new Agenda($map, $taste->worth);
        $this->next = new NextWork($map, $taste, $this->rig, $this->agenda, $this->walked);
    }

    /** It is told if the work comes to a standstill: what is ready may never begin. */
    public static function through(WalkMap $map, int $technicians, int $changeMin, Taste $taste): Walked
    {
        return (new self($map, $technicians, $changeMin, $taste))->walk();
    }

    private function walk(): Walked
    {
        $minute = 0;
        while ($this->agenda->left > 0) {
            while (null !== ($next = $this->next->at($minute))) {
                $this->begin($next[0], $next[1], $minute);
            }
            unset($this->agenda->moments[$minute]);
            if (0 === $this->agenda->left) {
                break;
            }
            if ([] === $this->agenda->moments) {
                $this->walked->stuck = $this->stuck();

                return $this->walked;
            }
            $minute = min(array_keys($this->agenda->moments));
        }

        return $this->walked;
    }

    /** @return array{int, int} what can't begin, and what it waits for or what waits for it */
    private function stuck(): array
    {
        $number = $this->agenda->ready[0] ?? 0;
        $waiting = [];
        foreach (array_keys(array_filter($this->map->barredBy[$number])) as $pair) {
            $closer = $this->map->pairs[$pair][1];
            $waiting = isset($this->walked->starts[$closer]) ? $waiting : [...$waiting, $closer];
        }

        return [$number, [...$waiting, ...$this->map->behind[$number]][0] ?? $number];
    }

    /** @param list<int> $hands */
    private function begin(int $number, array $hands, int $minute): void
    {
        $stretch = $this->map->stretches[$number];
        $start = $minute;
        foreach ($hands as $technician) {
            if ($this->rig->isAway($technician, $number)) {
                ++$this->walked->changes;
                $start = max($start, $this->rig->freeFrom[$technician] + $this->rig->changeMin);
            }
        }
        $turn = $this->rig->turns($number) && null !== $stretch->enters ? $this->map->turn($number, $stretch->enters) : null;
        if (null !== $turn) {
            $this->walked->turns[$number] = [$turn, $start];
            $start = $this->rig->turn($number, $turn, $start);
        }
        $this->walked->starts[$number] = $start;
        $this->walked->by[$number] = $hands;
        $this->walked->leftOpenMin += $this->rig->leftOpenMin($number, $this->walked->turns[$number][1] ?? $start);
        $this->rig->begin($number, $hands, $start, $this->walked->turns[$number][1] ?? null);
        $held = $start + $stretch->heldMin;
        $end = $held + $stretch->unattendedMin;
        $this->agenda->strike($number, $held, $end);
        $this->walked->makespanMin = max($this->walked->makespanMin, $end);
    }
}
