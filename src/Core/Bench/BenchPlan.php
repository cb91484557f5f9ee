<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

/** The steps of a frozen order, in their order. */
final readonly class BenchPlan
{
    /**
     * @param list<BenchStep>       $steps
     * @param array<string, string> $engines label by position
     * @param array<string, int>    $capacityMl by position, of the engines whose oil is changed
     * @param list<PulledOil>       $oils
     */
    public function __construct(public array $steps, public array $engines, public array $capacityMl, public array $oils = [])
    {
    }

    /** The operation that a step belongs to; an unknown step is named as it is. */
    public function titleOf(string $stepId): string
    {
        return array_column($this->steps, 'title', 'id')[$stepId] ?? $stepId;
    }

    /** @throws InvalidEntry if the order has no such step */
    public function step(string $id): BenchStep
    {
        foreach ($this->steps as $step) {
            if ($id === $step->id) {
                return $step;
            }
        }

        throw InvalidEntry::unknownStep($id);
    }
}
