<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan\Sequence;

/**
 * Finds a short plan: exactly for up to eight activities, and for more by trying lists. First a few rules, then one
 * list changed again and again where it hurts: of two activities of the critical chain that follow each other only
 * because they want the same resource the later one goes first. A worse plan is let through at times, ever more
 * rarely, so as to come out of dead ends; then once more from the best, for longer. What it may cost is counted in
 * schedules and never in time, and chance is no part of it: more effort goes on where less has stopped, so that its
 * plan is never longer.
 */
final readonly class Sequencer
{
    public const DEFAULT_EFFORT = 3000;
    private const EXACT_UP_TO = 8;
    private const COST_OF_JUSTIFYING = 3;
    private const JUSTIFIED_ONE_IN = 12;
    private const HEAT = 0.025;
    /** The first round has cooled down after the usual effort; each later one ends at so many times as many. */
    private const LONGER = 3;
    private const FACES = 1_000_000;

    /** One pass, the longest tail first, for when an answer must come at once; its bound is the longest chain alone. */
    public function quick(SequenceProblem $problem): SequencePlan
    {
        $list = $problem->order;
        usort($list, static fn (int $a, int $b): int => [-$problem->tails[$a] - $problem->lengths[$a], $a] <=> [-$problem->tails[$b] - $problem->lengths[$b], $b]);
        $scheduler = new ListScheduler($problem);
        $starts = $scheduler->schedule($list);

        return new SequencePlan($problem, $starts, $scheduler->makespan($starts), 0, 1);
    }

    public function plan(SequenceProblem $problem, int $effort = self::DEFAULT_EFFORT): SequencePlan
    {
        $bound = (new LowerBound())->of($problem);
        $scheduler = new ListScheduler($problem);
        if ($problem->count() <= self::EXACT_UP_TO) {
            [$starts, $tried] = (new ExactSequencer($problem, $scheduler, $bound))->plan();

            return new SequencePlan($problem, $starts, $scheduler->makespan($starts), $scheduler->makespan($starts), $tried);
        }
        [$starts, $tried] = $this->search($problem, $scheduler, $bound, max(1, $effort));

        return new SequencePlan($problem, $starts, $scheduler->makespan($starts), $bound, $tried);
    }

    /** @return array{list<int>, int} starts, schedules tried */
    private function search(SequenceProblem $problem, ListScheduler $scheduler, int $bound, int $effort): array
    {
        $best = $scheduler->schedule($problem->order);
        $shortest = $scheduler->makespan($best);
        $tried = 1;
        foreach ($this->rules($problem) as $list) {
            if ($tried >= $effort || $shortest === $bound) {
                break;
            }
            $starts = $scheduler->justified($list);
            $tried += self::COST_OF_JUSTIFYING;
            [$best, $shortest] = $scheduler->makespan($starts) < $shortest ? [$starts, $scheduler->makespan($starts)] : [$best, $shortest];
        }

        return $this->improved($problem, $scheduler, $best, $bound, $effort, $tried);
    }

    /**
     * @param list<int> $best
     *
     * @return array{list<int>, int}
     */
    private function improved(SequenceProblem $problem, ListScheduler $scheduler, array $best, int $bound, int $effort, int $tried): array
    {
        $shortest = $length = $scheduler->makespan($best);
        if ($tried >= $effort || $shortest === $bound) {
            return [$best, $tried];
        }
        $dice = new Dice();
        $critical = new CriticalPairs($problem);
        $now = $best;
        [$from, $until] = [$tried, self::roundAfter($tried)];
        while ($tried < $effort && $shortest > $bound) {
            if ($tried >= $until) {
                [$from, $until] = [$tried, self::roundAfter($tried)];
                [$now, $length] = [$best, $shortest];
            }
            $list = $this->changed($problem, $now, $critical, $dice);
            $justify = 0 === $dice->roll(self::JUSTIFIED_ONE_IN);
            $starts = $justify ? $scheduler->justified($list) : $scheduler->schedule($list);
            $tried += $justify ? self::COST_OF_JUSTIFYING : 1;
            $found = $scheduler->makespan($starts);
            $heat = $shortest * self::HEAT * max(0.0, 1 - ($tried - $from) / max(1, $until - $from)) + 0.01;
            if ($found <= $length || $dice->roll(self::FACES) < self::FACES * exp(($length - $found) / $heat)) {
                [$now, $length] = [$starts, $found];
            }
            if ($found < $shortest) {
                [$best, $shortest] = [$starts, $found];
            }
        }

        return [$best, $tried];
    }

    /** After how many schedules the round ends that goes on now: the same whatever the effort is. */
    private static function roundAfter(int $tried): int
    {
        $until = self::DEFAULT_EFFORT;
        while ($until <= $tried) {
            $until *= self::LONGER;
        }

        return $until;
    }

    /**
     * @param list<int> $starts
     *
     * @return list<int>
     */
    private function changed(SequenceProblem $problem, array $starts, CriticalPairs $critical, Dice $dice): array
    {
        $list = $problem->order;
        $places = array_flip($problem->order);
        usort($list, static fn (int $a, int $b): int => [$starts[$a], $places[$a]] <=> [$starts[$b], $places[$b]]);
        $pairs = $critical->of($starts);
        if ([] !== $pairs) {
            [$first, $second] = $pairs[$dice->roll(\count($pairs))];
            $from = array_search($first, $list, true);
            $to = array_search($second, $list, true);
            if (\is_int($from) && \is_int($to) && $from < $to) {
                array_splice($list, $to, 1);
                array_splice($list, $from, 0, [$second]);
            }
        }

        return $list;
    }

    /** @return iterable<list<int>> the longest tail first, the longest tail with itself, the most that waits, the shortest, the longest */
    private function rules(SequenceProblem $problem): iterable
    {
        $behind = array_map(\count(...), $problem->behind);
        $work = [];
        foreach ($problem->demands as $index => $demands) {
            $work[$index] = $problem->lengths[$index] * array_sum(array_column($demands, 1));
        }
        $keys = [
            static fn (int $index): array => [-$problem->tails[$index], $index],
            static fn (int $index): array => [-$problem->tails[$index] - $problem->lengths[$index], $index],
            static fn (int $index): array => [$problem->heads[$index], -$problem->tails[$index]],
            static fn (int $index): array => [-$behind[$index], -$problem->tails[$index]],
            static fn (int $index): array => [$problem->lengths[$index], $index],
            static fn (int $index): array => [-$work[$index], $index],
        ];
        foreach ($keys as $key) {
            $list = $problem->order;
            usort($list, static fn (int $a, int $b): int => $key($a) <=> $key($b));
            yield $list;
        }
    }
}
