<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** Ways through the work that were found: for each amount of unrest the shortest. */
final class FoundPlans
{
    /** @var array<int, Walked> by unrest */
    private array $plans = [];

    /** @param int $longerPerMille by how much the calmest may be longer than the shortest */
    public function __construct(private readonly int $longerPerMille)
    {
    }

    public function add(Walked $walked): void
    {
        $unrest = $walked->unrest();
        $known = $this->plans[$unrest] ?? null;
        if (null === $known || $walked->score() < $known->score()) {
            $this->plans[$unrest] = $walked;
        }
    }

    /** The calmest of those that are hardly longer than the shortest. */
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
