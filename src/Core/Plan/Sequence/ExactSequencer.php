<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan\Sequence;

/** Tries every list that keeps what waits for what, and gives up each as soon as it can't become the shortest. */
final class ExactSequencer
{
    /** @var list<int> */
    private array $best;
    private int $shortest;
    private int $tried = 0;

    public function __construct(private readonly SequenceProblem $problem, private readonly ListScheduler $scheduler, private readonly int $bound)
    {
        $this->best = $scheduler->justified($problem->order);
        $this->shortest = $scheduler->makespan($this->best);
    }

    /** @return array{list<int>, int} starts, schedules tried */
    public function plan(): array
    {
        $this->extend([], $this->scheduler->nothingTaken());

        return [$this->best, $this->tried + 3];
    }

    /**
     * @param array<int, int> $starts by activity, of those that are placed
     * @param list<Usage>     $usages
     */
    private function extend(array $starts, array $usages): void
    {
        if (\count($starts) === $this->problem->count()) {
            ++$this->tried;
            ksort($starts);
            $length = $this->scheduler->makespan(array_values($starts));
            [$this->best, $this->shortest] = $length < $this->shortest ? [array_values($starts), $length] : [$this->best, $this->shortest];

            return;
        }
        foreach ($this->problem->order as $index) {
            if ($this->shortest === $this->bound || isset($starts[$index]) || [] !== array_filter($this->problem->before[$index], static fn (int $other): bool => !isset($starts[$other]))) {
                continue;
            }
            $from = max([0, ...array_map(fn (int $other): int => $starts[$other] + $this->problem->lengths[$other], $this->problem->before[$index])]);
            $start = $this->scheduler->earliest($index, $from, $usages);
            if ($start + $this->problem->lengths[$index] + $this->problem->tails[$index] < $this->shortest) {
                $taken = array_map(static fn (Usage $usage): Usage => clone $usage, $usages);
                $this->scheduler->take($index, $start, $taken);
                $this->extend($starts + [$index => $start], $taken);
            }
        }
    }
}
