<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan\Sequence;

/**
 * Places activities one by one, each as early as what it waits for and its resources allow. Since nobody ever takes
 * more of a resource later than at the beginning, some list of this kind gives a shortest plan. Run backwards it
 * places everything as late as possible, which opens gaps that the next run forwards can use.
 */
final readonly class ListScheduler
{
    /** @var list<list<array{int, int, int, int}>> by activity: resource, from, to (minutes from its beginning), amount */
    private array $forward;
    /** @var list<list<array{int, int, int, int}>> the same seen from the end */
    private array $backward;

    public function __construct(private SequenceProblem $problem)
    {
        $forward = $backward = [];
        foreach ($problem->demands as $index => $demands) {
            $length = $problem->lengths[$index];
            $hands = $problem->attended[$index];
            $parts = [];
            foreach ($demands as [$resource, $attended, $unattended]) {
                $same = $attended === $unattended;
                $parts[] = [$resource, 0, $same ? $length : $hands, $attended];
                if (!$same && $unattended > 0) {
                    $parts[] = [$resource, $hands, $length, $unattended];
                }
            }
            $forward[] = $parts;
            $backward[] = array_map(static fn (array $part): array => [$part[0], $length - $part[2], $length - $part[1], $part[3]], $parts);
        }
        $this->forward = $forward;
        $this->backward = $backward;
    }

    /**
     * @param list<int> $list every activity once, in any order; one that would come before what it waits for is put off
     *
     * @return list<int> starts in minutes
     */
    public function schedule(array $list): array
    {
        return $this->run($this->sorted($list, $this->problem->before), $this->problem->before, $this->forward);
    }

    /**
     * Forwards, then everything as late as that allows, then as early as that allows.
     *
     * @param list<int> $list
     *
     * @return list<int> starts in minutes
     */
    public function justified(array $list): array
    {
        $starts = $this->schedule($list);
        $ends = $this->ends($starts);
        $fromEnd = $this->run($this->by($ends, true), $this->problem->behind, $this->backward);
        $late = array_map(static fn (int $start, int $length): int => -$start - $length, $fromEnd, $this->problem->lengths);
        $again = $this->run($this->by($late, false), $this->problem->before, $this->forward);

        return $this->makespan($again) <= $this->makespan($starts) ? $again : $starts;
    }

    /** @param list<int> $starts */
    public function makespan(array $starts): int
    {
        return max([0, ...$this->ends($starts)]);
    }

    /**
     * Where one activity could begin, given what is taken.
     *
     * @param list<Usage> $usages
     */
    public function earliest(int $index, int $from, array $usages): int
    {
        return $this->place($this->forward[$index], $from, $usages);
    }

    /** @param list<Usage> $usages */
    public function take(int $index, int $start, array $usages): void
    {
        foreach ($this->forward[$index] as [$resource, $from, $to, $amount]) {
            $usages[$resource]->take($start + $from, $start + $to, $amount);
        }
    }

    /** @return list<Usage> */
    public function nothingTaken(): array
    {
        return array_map(static fn (int $capacity): Usage => new Usage($capacity), $this->problem->capacities);
    }

    /**
     * @param list<int>                            $list
     * @param list<list<int>>                      $earlier what each waits for, in this direction
     * @param list<list<array{int, int, int, int}>> $parts
     *
     * @return list<int>
     */
    private function run(array $list, array $earlier, array $parts): array
    {
        $usages = $this->nothingTaken();
        $starts = array_fill(0, $this->problem->count(), 0);
        foreach ($list as $index) {
            $from = 0;
            foreach ($earlier[$index] as $other) {
                $from = max($from, $starts[$other] + $this->problem->lengths[$other]);
            }
            $start = $this->place($parts[$index], $from, $usages);
            foreach ($parts[$index] as [$resource, $begin, $end, $amount]) {
                $usages[$resource]->take($start + $begin, $start + $end, $amount);
            }
            $starts[$index] = $start;
        }

        return array_values($starts);
    }

    /**
     * @param list<array{int, int, int, int}> $parts
     * @param list<Usage>                     $usages
     */
    private function place(array $parts, int $start, array $usages): int
    {
        do {
            $moved = false;
            foreach ($parts as [$resource, $from, $to, $amount]) {
                $free = $usages[$resource]->blockedUntil($start + $from, $start + $to, $amount);
                if (null !== $free) {
                    $start = $free - $from;
                    $moved = true;
                }
            }
        } while ($moved);

        return $start;
    }

    /**
     * The same list with everything behind what it waits for.
     *
     * @param list<int>       $list
     * @param list<list<int>> $earlier
     *
     * @return list<int>
     */
    private function sorted(array $list, array $earlier): array
    {
        $done = $sorted = [];
        $put = static function (int $index) use (&$put, &$done, &$sorted, $earlier): void {
            if (isset($done[$index])) {
                return;
            }
            $done[$index] = true;
            foreach ($earlier[$index] as $other) {
                $put($other);
            }
            $sorted[] = $index;
        };
        array_map($put, $list);

        return $sorted;
    }

    /**
     * @param list<int> $starts
     *
     * @return list<int>
     */
    private function ends(array $starts): array
    {
        return array_map(static fn (int $start, int $length): int => $start + $length, $starts, $this->problem->lengths);
    }

    /**
     * Activities by a time; of equal times in the order of what waits for what.
     *
     * @param list<int> $times
     *
     * @return list<int>
     */
    private function by(array $times, bool $latestFirst): array
    {
        $places = array_flip($this->problem->order);
        $list = $this->problem->order;
        usort($list, static fn (int $a, int $b): int => $latestFirst ? [$times[$b], $places[$b]] <=> [$times[$a], $places[$a]] : [$times[$a], $places[$a]] <=> [$times[$b], $places[$b]]);

        return $list;
    }
}
