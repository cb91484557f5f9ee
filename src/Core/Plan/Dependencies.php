<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** Which works of one engine must keep their order, and which may change places. */
final class Dependencies
{
    /** @var array<string, array{Change, list<int>, list<int>}> by thing: how it was changed last, by whom, and who asked for it since */
    private array $last = [];
    /** @var array<string, int> the last of each chain */
    private array $chained = [];
    private readonly Waits $waits;

    /** @param list<PlannedWork> $sequence */
    private function __construct(array $sequence)
    {
        $this->waits = new Waits(\count($sequence));
        foreach ($sequence as $place => $work) {
            $this->next($work, $place);
        }
    }

    /** @param list<PlannedWork> $sequence in an order that breaks no gate */
    public static function of(array $sequence): Waits
    {
        return (new self($sequence))->waits;
    }

    private function next(PlannedWork $work, int $place): void
    {
        $footprint = Footprint::of($work->needs, $work->changes);
        foreach ($footprint->asks as $thing => $_) {
            [$change, $by, $askers] = $this->last[$thing] ?? [Change::Both, [], []];
            $this->addAll($by, $place);
            $this->last[$thing] = [$change, $by, [...$askers, $place]];
        }
        foreach ($footprint->changes as $thing => $change) {
            [$last, $by, $askers] = $this->last[$thing] ?? [Change::Both, [], []];
            $isSame = $change === $last && Change::Both !== $change;
            if (!$isSame) {
                $this->addAll([...$by, ...$askers], $place);
            }
            $this->last[$thing] = $isSame ? [$change, [...$by, $place], $askers] : [$change, [$place], []];
        }
        $chain = $work->standing->chain;
        if ('' !== $chain) {
            if (isset($this->chained[$chain])) {
                $this->waits->add($this->chained[$chain], $place);
            }
            $this->chained[$chain] = $place;
        }
    }

    /** @param list<int> $before */
    private function addAll(array $before, int $place): void
    {
        foreach ($before as $other) {
            $this->waits->add($other, $place);
        }
    }
}
