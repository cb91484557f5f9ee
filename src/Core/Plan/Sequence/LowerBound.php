<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan\Sequence;

/**
 * A time that no plan can beat. Four bounds, the best of which counts: the longest chain; for every resource the
 * work of any set of activities spread over its capacity, between the earliest head and the shortest tail of the set;
 * of more pieces than fit side by side the shortest ones one after the other; and for what can't be done side by side
 * the shortest plan in which work may be interrupted.
 */
final readonly class LowerBound
{
    private const LONGEST_ROW = 4;

    public function of(SequenceProblem $problem): int
    {
        $bound = 0;
        foreach ($problem->lengths as $index => $length) {
            $bound = max($bound, $problem->heads[$index] + $length + $problem->tails[$index]);
        }
        foreach ($problem->capacities as $resource => $capacity) {
            $parts = $this->parts($problem, $resource);
            $alone = array_values(array_filter($parts, static fn (array $part): bool => 2 * $part[3] > $capacity));
            $bound = max($bound, $this->spread($parts, $capacity), $this->oneByOne($alone), $this->pigeonholes($parts, $capacity));
        }

        return $bound;
    }

    /** @return list<array{int, int, int, int}> head, minutes, tail, amount */
    private function parts(SequenceProblem $problem, int $resource): array
    {
        $parts = [];
        foreach ($problem->demands as $index => $demands) {
            foreach ($demands as [$of, $attended, $unattended]) {
                if ($of !== $resource) {
                    continue;
                }
                [$head, $tail, $hands, $length] = [$problem->heads[$index], $problem->tails[$index], $problem->attended[$index], $problem->lengths[$index]];
                if ($attended === $unattended) {
                    $parts[] = [$head, $length, $tail, $attended];
                    continue;
                }
                $parts[] = [$head, $hands, $length - $hands + $tail, $attended];
                if ($unattended > 0) {
                    $parts[] = [$head + $hands, $length - $hands, $tail, $unattended];
                }
            }
        }

        return array_values(array_filter($parts, static fn (array $part): bool => $part[1] > 0));
    }

    /** @param list<array{int, int, int, int}> $parts */
    private function spread(array $parts, int $capacity): int
    {
        usort($parts, static fn (array $a, array $b): int => $b[0] <=> $a[0]);
        $bound = 0;
        foreach (array_unique(array_column($parts, 2)) as $tail) {
            $work = 0;
            foreach ($parts as $part) {
                if ($part[2] >= $tail) {
                    $work += $part[1] * $part[3];
                    $bound = max($bound, $part[0] + intdiv($work + $capacity - 1, $capacity) + $tail);
                }
            }
        }

        return $bound;
    }

    /**
     * Of more pieces than fit side by side some must follow each other in one place: at best the shortest ones. Only
     * small sets are looked at, since for large ones the spread says as much.
     *
     * @param list<array{int, int, int, int}> $parts
     */
    private function pigeonholes(array $parts, int $capacity): int
    {
        usort($parts, static fn (array $a, array $b): int => $b[0] <=> $a[0]);
        $bound = 0;
        foreach (array_unique(array_column($parts, 2)) as $tail) {
            $minutes = [];
            $least = $capacity;
            foreach ($parts as $part) {
                if ($part[2] >= $tail) {
                    $minutes[] = $part[1];
                    sort($minutes);
                    $least = min($least, $part[3]);
                    $places = intdiv($capacity, max(1, $least));
                    $following = intdiv(\count($minutes) + $places - 1, $places);
                    if ($following > self::LONGEST_ROW) {
                        break;
                    }
                    $bound = max($bound, $part[0] + array_sum(\array_slice($minutes, 0, $following)) + $tail);
                }
            }
        }

        return $bound;
    }

    /**
     * Always going on with the one that has the longest tail of those that could be worked on.
     *
     * @param list<array{int, int, int, int}> $parts
     */
    private function oneByOne(array $parts): int
    {
        usort($parts, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $bound = $now = $next = 0;
        /** @var \SplPriorityQueue<int, array{int, int}> $open minutes left and tail, by the tail */
        $open = new \SplPriorityQueue();
        while ($next < \count($parts) || !$open->isEmpty()) {
            if ($open->isEmpty()) {
                $now = max($now, $parts[$next][0]);
            }
            while ($next < \count($parts) && $parts[$next][0] <= $now) {
                $open->insert([$parts[$next][1], $parts[$next][2]], $parts[$next][2]);
                ++$next;
            }
            /** @var array{int, int} $longest */
            $longest = $open->extract();
            [$left, $tail] = $longest;
            $until = $next < \count($parts) ? min($now + $left, $parts[$next][0]) : $now + $left;
            $left -= $until - $now;
            $now = $until;
            if ($left > 0) {
                $open->insert([$left, $tail], $tail);
            } else {
                $bound = max($bound, $now + $tail);
            }
        }

        return $bound;
    }
}
