<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** One way through all the work: when each stretch begins, who does it, and where an engine was turned before it. */
final class Walked
{
    /** Minutes that something may be left open for a change of place. */
    private const LEFT_OPEN_MIN = 30;

    /** @var array<int, int> minutes, by stretch */
    public array $starts = [];
    /** @var array<int, list<int>> technicians from 1, by stretch */
    public array $by = [];
    /** @var array<int, array{PlannedWork, int}> by stretch: the turn before it, and its minute */
    public array $turns = [];
    /** @var array{int, int}|null stretches that bar each other's way; null: all the work was done */
    public ?array $stuck = null;
    public int $makespanMin = 0;
    public int $changes = 0;
    /** Minutes in which something lay open on an engine, dripped no more, and nobody was at it. */
    public int $leftOpenMin = 0;

    /** Changes of place, and one for each half hour in which something was left open. */
    public function unrest(): int
    {
        return $this->changes + intdiv($this->leftOpenMin, self::LEFT_OPEN_MIN);
    }

    /** @return array{int, int, int} minutes, changes of place, turns */
    public function score(): array
    {
        return [$this->makespanMin, $this->changes, \count($this->turns)];
    }
}
