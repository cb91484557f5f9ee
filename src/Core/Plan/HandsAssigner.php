<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

use FreshTack\Core\Plan\Sequence\Activity;

/** Says who has hands on what: whoever is free and was at the same engine last, else whoever waited longest. */
final readonly class HandsAssigner
{
    public function __construct(private int $technicians)
    {
    }

    /**
     * @param list<Activity> $activities
     * @param list<int>      $starts     minutes
     * @param list<string>   $positions
     *
     * @return array<int, list<int>> technicians from 1, by activity with hands on
     */
    public function assign(array $activities, array $starts, array $positions): array
    {
        $free = array_fill(1, $this->technicians, 0);
        $last = array_fill(1, $this->technicians, '');
        $order = array_keys(array_filter($activities, static fn (Activity $activity): bool => $activity->attendedMin > 0));
        usort($order, static fn (int $a, int $b): int => [$starts[$a], $a] <=> [$starts[$b], $b]);
        $assigned = [];
        foreach ($order as $index) {
            $at = array_keys(array_filter($free, static fn (int $from): bool => $from <= $starts[$index]));
            usort($at, static fn (int $a, int $b): int => [$last[$a] !== $positions[$index], $free[$a], $a] <=> [$last[$b] !== $positions[$index], $free[$b], $b]);
            $assigned[$index] = \array_slice($at, 0, max(1, $activities[$index]->needs['hands'] ?? 1));
            foreach ($assigned[$index] as $technician) {
                $free[$technician] = $starts[$index] + $activities[$index]->attendedMin;
                $last[$technician] = $positions[$index];
            }
        }

        return $assigned;
    }
}
