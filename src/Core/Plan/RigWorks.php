<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** All that is to be done at a rig, as stretches, with what waits for what. */
final class RigWorks
{
    /** @var list<Stretch> */
    public array $stretches = [];
    public Waits $waits;
    /** @var list<HandMove> wishes that the plan meets */
    public array $kept = [];
    /** @var list<HandMove> wishes that it can't meet */
    public array $missed = [];
    /** @var list<PlannedWork> every work in an order that breaks no gate, engine by engine; without lockouts and turns */
    public array $works = [];
    /** @var list<EngineGraph> from port to starboard */
    public readonly array $graphs;
    /** @var array<string, Footprint> by what a work needs and changes */
    private array $footprints = [];
    /** @var array<string, int> stretch by id of work */
    private array $stretchOf = [];

    /**
     * @param list<PlannedWork> $onRig   done once for the rig
     * @param list<EngineWorks> $engines from port to starboard
     * @param list<HandMove>    $moves   by hand; the earlier ones have precedence
     *
     * @throws CannotPlan if the book's own works wait for each other in a circle
     */
    public function __construct(public readonly Rig $rig, array $onRig, array $engines, array $moves = [])
    {
        usort($onRig, static fn (PlannedWork $a, PlannedWork $b): int => $a->standing->rank <=> $b->standing->rank);
        $known = $graphs = $edges = [];
        foreach ($onRig as $work) {
            $this->addStretch(new Stretch(null, [$work]), [$work]);
        }
        foreach ($engines as $engine) {
            $kind = $engine->kind();
            $graph = $graphs[] = $known[$kind] = new EngineGraph($engine, $known[$kind] ?? null);
            $this->addEngine($graph, $edges);
        }
        $this->graphs = $graphs;
        $this->waits = new Waits(\count($this->stretches));
        foreach ($edges as [$first, $second]) {
            $this->waits->add($first, $second);
        }
        $this->frame($onRig);
        $this->refuseCircle();
        foreach ($moves as $move) {
            $this->move($move);
        }
    }

    public function modes(Position $position): ModeChanges
    {
        foreach ($this->graphs as $graph) {
            if ($position === $graph->engine->position) {
                return $graph->engine->modes;
            }
        }

        return new ModeChanges(null, null, null, []);
    }

    public function work(WorkId $id): ?PlannedWork
    {
        foreach ($this->works as $work) {
            if ($id->work === $work->id->work) {
                return $work;
            }
        }

        return null;
    }

    /** @param list<PlannedWork> $members without what was put in between */
    private function addStretch(Stretch $stretch, array $members): int
    {
        $number = \count($this->stretches);
        $this->stretches[] = $stretch;
        foreach ($members as $work) {
            $this->stretchOf[$work->id->work] = $number;
            $this->works[] = $work;
        }

        return $number;
    }

    /** @param list<array{int, int}> $edges first, second */
    private function addEngine(EngineGraph $graph, array &$edges): void
    {
        $engine = $graph->engine;
        if ([] === $graph->works) {
            return;
        }
        $lock = null === $engine->modes->lockOut ? null : $this->addStretch(new Stretch($engine->position, [$engine->modes->lockOut]), []);
        $of = $all = [];
        foreach ($graph->together() as $places) {
            /** @var non-empty-list<PlannedWork> $members */
            $members = array_map(static fn (int $place): PlannedWork => $graph->works[$place], $places);
            $number = $this->addStretch(new Stretch($engine->position, $engine->modes->around($members)), $members);
            $all[] = $number;
            foreach ($places as $place) {
                $of[$place] = $number;
            }
        }
        foreach ($of as $place => $number) {
            foreach ($graph->waits->before($place) as $other) {
                $edges[] = [$of[$other], $number];
            }
        }
        $back = null === $engine->modes->handBack
            ? null
            : $this->addStretch(new Stretch($engine->position, [self::upright($engine->modes->handBack)]), []);
        foreach ($all as $number) {
            array_push($edges, ...array_filter([null === $lock ? null : [$lock, $number], null === $back ? null : [$number, $back]]));
        }
    }

    /** An engine is handed back as it hangs on the road. */
    private static function upright(PlannedWork $handBack): PlannedWork
    {
        return new PlannedWork(
            $handBack->id,
            $handBack->title,
            new Needs(attitude: Attitude::Vertical),
            $handBack->changes,
            $handBack->hands,
            $handBack->standing,
        );
    }

    /**
     * The boat is placed before anything else, what is done to the rig after the engines waits for them all, and between
     * them what an engine asks for waits for what brings it about.
     *
     * @param list<PlannedWork> $onRig
     */
    private function frame(array $onRig): void
    {
        foreach ($onRig as $number => $work) {
            for ($earlier = 0; $earlier < $number; ++$earlier) {
                $this->waits->add($earlier, $number);
            }
            for ($other = \count($onRig); $other < \count($this->stretches); ++$other) {
                if ($work->isLast()) {
                    $this->waits->add($other, $number);
                } elseif ($work->isFirst() || $this->touch($work, $this->stretches[$other])) {
                    $this->waits->add($number, $other);
                }
            }
        }
    }

    private function touch(PlannedWork $work, Stretch $stretch): bool
    {
        $changes = $this->footprint($work)->changes;
        foreach ([] === $changes ? [] : $stretch->works as $other) {
            $footprint = $this->footprint($other);
            if ([] !== array_intersect_key($changes, $footprint->asks + $footprint->changes)) {
                return true;
            }
        }

        return false;
    }

    /** Engines of one kind share what their works need and change. */
    private function footprint(PlannedWork $work): Footprint
    {
        $key = spl_object_id($work->needs).' '.spl_object_id($work->changes);

        return $this->footprints[$key] ??= Footprint::of($work->needs, $work->changes);
    }

    /** @throws CannotPlan */
    private function refuseCircle(): void
    {
        $circle = array_flip($this->waits->circle());
        foreach ($circle as $number => $_) {
            foreach ($this->waits->before($number) as $other) {
                if (isset($circle[$other]) && $this->waits->waitsFor($other, $number)) {
                    throw CannotPlan::circle($this->stretches[$other]->works[0], $this->stretches[$number]->works[0]);
                }
            }
        }
    }

    /** A wish that would make works wait for each other in a circle is not met. */
    private function move(HandMove $move): void
    {
        $work = $this->stretchOf[$move->work->work] ?? null;
        $before = $this->stretchOf[$move->before->work] ?? null;
        if (null === $work || null === $before || $work === $before || $this->waits->waitsFor($work, $before)) {
            $this->missed[] = $move;

            return;
        }
        $this->waits->add($work, $before);
        $this->kept[] = $move;
    }
}
