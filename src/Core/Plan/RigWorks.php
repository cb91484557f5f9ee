<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** All that is to be done at a rig. */
final readonly class RigWorks
{
    /** @var list<EngineGraph> from port to starboard */
    public array $graphs;

    /**
     * @param list<PlannedWork> $first   done once for the rig: before and between the engines
     * @param list<EngineWorks> $engines from port to starboard
     * @param list<PlannedWork> $last    done once for the rig, after them
     * @param list<HandMove>    $moves   of works on the rig, by hand
     */
    public function __construct(public array $first, array $engines, public array $last, private array $moves = [])
    {
        $known = $graphs = [];
        foreach ($engines as $engine) {
            $kind = EngineGraph::kind($engine);
            $graphs[] = $known[$kind] = new EngineGraph($engine, $known[$kind] ?? null);
        }
        $this->graphs = $graphs;
    }

    /** @return list<HandMove> wishes that the plan must meet */
    public function moves(): array
    {
        return array_merge($this->moves, ...array_map(static fn (EngineGraph $graph): array => $graph->kept, $this->graphs));
    }

    /** @param string $work id of a work at one engine */
    public function graphOf(string $work): ?EngineGraph
    {
        foreach ($this->graphs as $graph) {
            if (str_starts_with($work, $graph->engine->position.'.')) {
                return $graph;
            }
        }

        return null;
    }

    /** @return list<string> */
    public function positions(): array
    {
        return array_map(static fn (EngineGraph $graph): string => $graph->engine->position, $this->graphs);
    }
}
