<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan\Sequence;

use FreshTack\Core\Plan\Waits;

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
        $waits = new Waits(\count($activities));
        $demands = [];
        foreach ($activities as $index => $activity) {
            foreach (array_unique($activity->after) as $id) {
                $other = $numbers[$id] ?? throw InvalidSequence::unknownActivity($activity->id, $id);
                $other !== $index || throw InvalidSequence::circle([$id]);
                $waits->add($other, $index);
            }
            $demands[] = self::demands($activity, $resources, $places);
        }
        $circle = $waits->circle();
        [] === $circle || throw InvalidSequence::circle(array_map(static fn (int $index): string => $activities[$index]->id, $circle));
        $numbers = array_keys($activities);
        $lengths = array_map(static fn (Activity $activity): int => $activity->lengthMin(), $activities);

        return new self(
            $activities,
            array_values($resources),
            array_map(static fn (Activity $activity): int => $activity->attendedMin, $activities),
            $lengths,
            $demands,
            array_map($waits->before(...), $numbers),
            array_map($waits->behind(...), $numbers),
            $waits->order(),
            $waits->heads($lengths),
            $waits->tails($lengths),
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
}
