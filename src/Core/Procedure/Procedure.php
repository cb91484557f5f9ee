<?php

declare(strict_types=1);

namespace FreshTack\Core\Procedure;

use FreshTack\Core\SpecBook\Task;

/** How a task is done, as data; without a task: what belongs to every visit. */
final readonly class Procedure
{
    /**
     * @param list<Need>      $needs
     * @param list<Operation> $operations
     */
    public function __construct(public string $id, public ?Task $task, public string $aloud, public array $needs, public array $operations)
    {
    }

    /** @return list<Operation> those that these facts call for */
    public function operationsFor(EngineFacts $facts): array
    {
        return array_values(array_filter($this->operations, $facts->callFor(...)));
    }

    /** @return list<string> paths of what can't be left open on such an engine, whatever its operations need */
    public function needsOf(EngineFacts $facts): array
    {
        $needs = array_filter($this->needs, static fn (Need $need): bool => $need->when->holds($facts));

        return array_values(array_map(static fn (Need $need): string => $need->path, $needs));
    }

    /** @return list<string> paths that this procedure needs and that nothing answers, each once */
    public function holes(EngineFacts $facts): array
    {
        $operations = $this->operationsFor($facts);
        $needs = array_merge(
            $this->needsOf($facts),
            ...array_map(static fn (Operation $operation): array => $facts->called($operation)->needs, $operations),
        );

        return array_values(array_unique(array_filter($needs, static fn (string $path): bool => !$facts->knows($path))));
    }
}
