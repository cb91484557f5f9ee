<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** Says what stands against wishes that can't be met: each is tried, and the gates asked. */
final readonly class MoveRefusals
{
    public function __construct(private GateChecker $gates = new GateChecker())
    {
    }

    /**
     * @param list<HandMove> $asked
     *
     * @return list<RefusedMove> in the order in which they were asked for
     */
    public function of(RigWorks $rig, array $asked): array
    {
        $kept = $rig->moves();
        $missed = array_filter($asked, static fn (HandMove $move): bool => !\in_array($move, $kept, true));

        return array_values(array_map(fn (HandMove $move): RefusedMove => $this->reason($rig, $move), $missed));
    }

    private function reason(RigWorks $rig, HandMove $move): RefusedMove
    {
        $graph = $rig->graphOf($move->work);
        $works = null === $graph ? [] : array_combine(array_map(static fn (PlannedWork $work): string => $work->id, $graph->works), $graph->works);
        if (null === $graph || !isset($works[$move->work], $works[$move->before])) {
            return new RefusedMove($move, null, 'What was moved is no longer part of this order.');
        }
        try {
            $this->gates->check([$graph->engine->position], [...$rig->first, ...$this->tried($graph, $works[$move->work], $works[$move->before]), ...$rig->last]);
        } catch (GateBroken $broken) {
            return new RefusedMove($move, $broken->gate, str_replace(" ({$graph->engine->position})", '', $broken->getMessage()));
        }

        return new RefusedMove($move, null, \sprintf('"%s" follows "%s" in its procedure, or by what was moved before.', $works[$move->work]->title, $works[$move->before]->title));
    }

    /** @return list<PlannedWork> */
    private function tried(EngineGraph $graph, PlannedWork $moved, PlannedWork $before): array
    {
        $modes = new ModeKeeper($graph->engine->modes);
        foreach ($graph->works as $work) {
            if ($work === $before) {
                $modes->place($moved);
            }
            if ($work !== $moved || $moved === $before) {
                $modes->place($work);
            }
        }

        return $modes->sequence();
    }
}
