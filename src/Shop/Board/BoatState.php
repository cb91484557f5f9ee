<?php

declare(strict_types=1);

namespace FreshTack\Shop\Board;

use FreshTack\Core\Due\TaskDue;
use FreshTack\Shop\Register\Boat;
use FreshTack\Shop\Register\EngineHistory;

final readonly class BoatState
{
    /**
     * @param list<EngineAssessment>    $engines
     * @param array<int, EngineHistory> $histories by engine
     */
    public function __construct(public Boat $boat, public array $engines, public array $histories)
    {
    }

    /** @return list<TaskDue> of all engines */
    public function dues(): array
    {
        return array_merge(...array_map(static fn (EngineAssessment $engine): array => $engine->dues, $this->engines));
    }
}
