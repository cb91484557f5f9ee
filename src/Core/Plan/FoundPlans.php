<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** Ways through the work that were found: for each number of changes of place the shortest. */
final class FoundPlans
{
    /** @var array<int, Walked> by changes of place */
    private array $plans = [];

    /** @param int $longerPerMille by how much the calmest may be longer than the shortest */
    public function __construct(private readonly int $longerPerMille)
    {
    }

    public function add(Walked $walked): void
    {
        $known = $this->plans[$walked->changes] ?? null;
        if (null === $known || $walked->score() < $known->score()) {
            $this->plans[$walked->changes] = $walked;
        }
    }

    /** The one with the fewest changes, then turns, of those that are hardly longer than the shortest. */
    public function calmest(): ?Walked
    {
        $shortest = min([\PHP_INT_MAX, ...array_map(static fn (Walked $walked): int => $walked->makespanMin, $this->plans)]);
        $short = array_filter(
            $this->plans,
            fn (Walked $walked): bool => 1000 * $walked->makespanMin <= (1000 + $this->longerPerMille) * $shortest,
        );
        ksort($short);

        return array_values($short)[0] ?? null;
    }
}
