<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** Which works of a sequence must keep their order, and which may move against each other. */
final class Dependencies
{
    /** @var array<string, array<string, int>> the last that changed something, by engine and thing */
    private array $changedBy = [];
    /** @var array<string, array<string, list<int>>> those that asked for it since, by engine and thing */
    private array $askedBy = [];
    /** @var array<string, int> the last of each chain */
    private array $chained = [];

    /** @param list<string> $positions the engines at the bench: what is done to the rig is done to each */
    private function __construct(private readonly array $positions)
    {
    }

    /**
     * @param list<string>                 $positions
     * @param list<array{PlannedWork, Footprint}> $sequence in an order that breaks no gate
     *
     * @return list<list<int>> by place in the sequence: the places before it that it waits for
     */
    public static function of(array $positions, array $sequence): array
    {
        $found = new self($positions);

        return array_map($found->next(...), $sequence, array_keys($sequence));
    }

    /**
     * @param array{PlannedWork, Footprint} $entry
     *
     * @return list<int>
     */
    private function next(array $entry, int $place): array
    {
        [$work, $footprint] = $entry;
        $before = [];
        foreach (null === $work->position ? $this->positions : [$work->position] as $position) {
            $before += $this->changes($position, $footprint, $place) + $this->asks($position, $footprint, $place);
        }
        if ('' !== $work->chain) {
            $key = $work->position.'|'.$work->chain;
            $before += isset($this->chained[$key]) ? [$this->chained[$key] => true] : [];
            $this->chained[$key] = $place;
        }
        unset($before[$place]);

        return array_keys($before);
    }

    /** @return array<int, true> */
    private function changes(string $position, Footprint $footprint, int $place): array
    {
        $before = [];
        foreach ($footprint->changes as $thing => $_) {
            foreach ($this->askedBy[$position][$thing] ?? [] as $asker) {
                $before[$asker] = true;
            }
            if (isset($this->changedBy[$position][$thing])) {
                $before[$this->changedBy[$position][$thing]] = true;
            }
            $this->changedBy[$position][$thing] = $place;
            $this->askedBy[$position][$thing] = [];
        }

        return $before;
    }

    /** @return array<int, true> */
    private function asks(string $position, Footprint $footprint, int $place): array
    {
        $before = [];
        foreach ($footprint->asks as $thing => $_) {
            if (isset($this->changedBy[$position][$thing])) {
                $before[$this->changedBy[$position][$thing]] = true;
            }
            $this->askedBy[$position][$thing][] = $place;
        }

        return $before;
    }
}
