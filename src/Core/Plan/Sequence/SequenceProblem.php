<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan\Sequence;

/**
 * Activities over resources, numbered for quick work. Its order is one in which everything comes after what it waits
 * for; heads and tails are the longest chains before and after each activity, in minutes.
 */
final readonly class SequenceProblem
{
    /**
     * @param list<Activity>              $activities
     * @param list<int>                   $capacities  by resource
     * @param list<int>                   $attended    minutes by activity
     * @param list<int>                   $lengths     minutes by activity
     * @param list<list<array{int, int, int}>> $demands by activity: resource, while attended, while unattended
     * @param list<list<int>>             $before      by activity
     * @param list<list<int>>             $behind      by activity
     * @param list<int>                   $order
     * @param list<int>                   $heads       earliest starts by chains alone
     * @param list<int>                   $tails       longest chains from each activity's end on
     */
    private function __construct(
        public array $activities,
        public array $capacities,
        public array $attended,
        public array $lengths,
        public array $demands,
        public array $before,
        public array $behind,
        public array $order,
        public array $heads,
        public array $tails,
    ) {
    }

    /**
     * @param array<int|string, int> $resources capacities by id
     * @param list<Activity>     $activities
     *
     * @throws InvalidSequence if an id stands twice, a name is unknown, a need is above capacity, or the order goes in a circle
     */
    public static function of(array $resources, array $activities): self
    {
        $numbers = self::numbered($activities);
        $places = array_flip(array_map(strval(...), array_keys($resources)));
        $before = $behind = array_fill(0, \count($activities), []);
        $demands = [];
        foreach ($activities as $index => $activity) {
            foreach (array_unique($activity->after) as $id) {
                $other = $numbers[$id] ?? throw InvalidSequence::unknownActivity($activity->id, $id);
                $before[$index][] = $other;
                $behind[$other][] = $index;
            }
            $demands[] = self::demands($activity, $resources, $places);
        }
        $order = self::order($activities, $before, $behind);
        $lengths = array_map(static fn (Activity $activity): int => $activity->lengthMin(), $activities);

        return new self(
            $activities,
            array_values($resources),
            array_map(static fn (Activity $activity): int => $activity->attendedMin, $activities),
            $lengths,
            $demands,
            $before,
            $behind,
            $order,
            self::chains($order, $before, $lengths),
            self::chains(array_reverse($order), $behind, $lengths),
        );
    }

    public function count(): int
    {
        return \count($this->activities);
    }

    /**
     * @param list<Activity> $activities
     *
     * @return array<string, int>
     *
     * @throws InvalidSequence
     */
    private static function numbered(array $activities): array
    {
        $numbers = [];
        foreach ($activities as $index => $activity) {
            if (isset($numbers[$activity->id])) {
                throw InvalidSequence::twice($activity->id);
            }
            $numbers[$activity->id] = $index;
        }

        return $numbers;
    }

    /**
     * @param array<int|string, int> $resources
     * @param array<int|string, int> $places
     *
     * @return list<array{int, int, int}>
     *
     * @throws InvalidSequence
     */
    private static function demands(Activity $activity, array $resources, array $places): array
    {
        $demands = [];
        foreach (array_keys($activity->needs + $activity->holds) as $resource) {
            $resource = (string) $resource;
            $capacity = $resources[$resource] ?? throw InvalidSequence::unknownResource($activity->id, $resource);
            $most = $activity->demand($resource);
            if ($most > $capacity) {
                throw InvalidSequence::aboveCapacity($activity->id, $resource, $most, $capacity);
            }
            if ($most > 0) {
                $demands[] = [$places[$resource], $most, $activity->holds[$resource] ?? 0];
            }
        }

        return $demands;
    }

    /**
     * @param list<Activity>  $activities
     * @param list<list<int>> $before
     * @param list<list<int>> $behind
     *
     * @return list<int>
     *
     * @throws InvalidSequence if it goes in a circle
     */
    private static function order(array $activities, array $before, array $behind): array
    {
        $waiting = array_map(\count(...), $before);
        $free = array_keys(array_filter($waiting, static fn (int $count): bool => 0 === $count));
        $order = [];
        while ([] !== $free) {
            $next = array_shift($free);
            $order[] = $next;
            foreach ($behind[$next] ?? [] as $other) {
                if (0 === --$waiting[$other]) {
                    $free[] = $other;
                }
            }
        }
        if (\count($order) < \count($activities)) {
            throw InvalidSequence::circle(array_map(static fn (int $index): string => $activities[$index]->id, array_keys(array_filter($waiting, static fn (int $count): bool => $count > 0))));
        }

        return $order;
    }

    /**
     * The longest chain that ends where each activity begins, seen in the direction of the order.
     *
     * @param list<int>       $order
     * @param list<list<int>> $earlier
     * @param list<int>       $lengths
     *
     * @return list<int>
     */
    private static function chains(array $order, array $earlier, array $lengths): array
    {
        $chains = array_fill(0, \count($order), 0);
        foreach ($order as $index) {
            foreach ($earlier[$index] as $other) {
                $chains[$index] = max($chains[$index], $chains[$other] + $lengths[$other]);
            }
        }

        return array_values($chains);
    }
}
