<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan\Sequence;

/** How much of one resource is taken, from minute to minute: steps that begin at sorted times. */
final class Usage
{
    /** @var list<int> */
    private array $times = [0];
    /** @var array<int, int> */
    private array $levels = [0];

    public function __construct(private readonly int $capacity)
    {
    }

    /** Whether so much fits from `$from` to `$to`; if not, the first minute from which on trying again makes sense. */
    public function blockedUntil(int $from, int $to, int $amount): ?int
    {
        if ($from >= $to) {
            return null;
        }
        $free = $this->capacity - $amount;
        $count = \count($this->times);
        for ($step = $this->stepAt($from); $step < $count && $this->times[$step] < $to; ++$step) {
            if ($this->levels[$step] > $free) {
                do {
                    ++$step;
                } while ($step < $count && $this->levels[$step] > $free);

                return $this->times[$step] ?? throw new \LogicException('Usage ends at nothing.');
            }
        }

        return null;
    }

    public function take(int $from, int $to, int $amount): void
    {
        if ($from >= $to || 0 === $amount) {
            return;
        }
        $first = $this->cut($from);
        $last = $this->cut($to);
        for ($step = $first; $step < $last; ++$step) {
            $this->levels[$step] += $amount;
        }
    }

    /** The step that begins at this minute, made if there is none. */
    private function cut(int $time): int
    {
        $step = $this->stepAt($time);
        if ($this->times[$step] === $time) {
            return $step;
        }
        array_splice($this->times, $step + 1, 0, [$time]);
        array_splice($this->levels, $step + 1, 0, [$this->levels[$step]]);

        return $step + 1;
    }

    /** The step in which a minute lies. */
    private function stepAt(int $time): int
    {
        $low = 0;
        $high = \count($this->times) - 1;
        while ($low < $high) {
            $middle = ($low + $high + 1) >> 1;
            if ($this->times[$middle] <= $time) {
                $low = $middle;
            } else {
                $high = $middle - 1;
            }
        }

        return $low;
    }
}
