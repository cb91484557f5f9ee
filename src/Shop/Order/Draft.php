<?php

declare(strict_types=1);

namespace FreshTack\Shop\Order;

use FreshTack\Core\Order\Place;
use FreshTack\Core\SpecBook\Task;

/** What the counter has entered so far; nothing in it is computed. */
final readonly class Draft
{
    /** @param list<DraftEngine> $engines */
    public function __construct(public Place $place, public int $coldestC, public int $warmestC, public string $complaint, public array $engines)
    {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'place' => $this->place->value,
            'coldestC' => $this->coldestC,
            'warmestC' => $this->warmestC,
            'complaint' => $this->complaint,
            'engines' => array_map(static fn (DraftEngine $engine): array => [
                'engineId' => $engine->engineId,
                'model' => $engine->model,
                'serial' => $engine->serial,
                'hours' => $engine->hours,
                'reading' => $engine->reading,
                'restMin' => $engine->restMin,
                'decision' => $engine->decision,
                'tasks' => array_map(static fn (Task $task): string => $task->value, $engine->tasks),
            ], $this->engines),
        ];
    }
}
