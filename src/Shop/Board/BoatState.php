<?php

declare(strict_types=1);

namespace FreshTack\Shop\Board;

use FreshTack\Shop\Register\Boat;

final readonly class BoatState
{
    /** @param list<EngineAssessment> $engines */
    public function __construct(public Boat $boat, public array $engines)
    {
    }

    /** The weight of the worst state of any task on any engine. */
    public function weight(): int
    {
        $weights = array_merge([0], ...array_map(static fn (EngineAssessment $engine): array => array_map(static fn (TaskDue $due): int => $due->assessment->state->weight(), $engine->dues), $this->engines));

        return max($weights);
    }
}
