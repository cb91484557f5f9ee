<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/**
 * Puts the works of one engine one behind the other so that no gate is broken: what can be done as the engine hangs and
 * is locked comes before what needs a change, then the lower rank.
 */
final class EngineSequence
{
    private readonly ModeKeeper $modes;
    /** @var array<int, int> how many each still waits for */
    private array $waiting;
    /** @var array<int, list<int>> by place: those that wait for it */
    private array $behind;
    /** @var array<int, true> works that must follow the run that warms the engine, and what they wait for */
    private array $warm;
    private bool $isWarm = false;
    private bool $isRunning = false;

    /** @param list<int> $parts by group of the graph: the part in which it lies */
    private function __construct(private readonly EngineGraph $graph, array $parts)
    {
        $this->modes = new ModeKeeper($graph->engine->modes);
        $before = $this->parted($parts);
        $this->waiting = array_map(\count(...), $before);
        $this->behind = array_fill(0, \count($before), []);
        foreach ($before as $place => $others) {
            foreach ($others as $other) {
                $this->behind[$other][] = $place;
            }
        }
        $this->warm = $this->closure($before);
    }

    /**
     * @param list<int> $parts by group of the graph: the part in which it lies
     *
     * @return list<PlannedWork>
     */
    public static function of(EngineGraph $graph, array $parts): array
    {
        return (new self($graph, $parts))->arranged();
    }

    /**
     * What each waits for, with the runs that part the work.
     *
     * @param list<int> $parts
     *
     * @return list<list<int>>
     */
    private function parted(array $parts): array
    {
        $before = $this->graph->before;
        $warm = array_keys(array_filter($this->graph->works, static fn (PlannedWork $work): bool => $work->warm));
        foreach ($this->graph->groups as $group => $places) {
            foreach ($places as $place) {
                if (0 === $parts[$group] && null !== $this->graph->warmUp) {
                    $before[$this->graph->warmUp][] = $place;
                }
                if (1 === $parts[$group]) {
                    array_push($before[$place], ...$warm);
                }
                if (2 === $parts[$group] && null !== $this->graph->proven) {
                    $before[$place][] = $this->graph->proven;
                }
            }
        }

        return array_map(static fn (array $others): array => array_values(array_unique($others)), $before);
    }

    /** @return list<PlannedWork> */
    private function arranged(): array
    {
        $ready = array_fill_keys(array_keys(array_filter($this->waiting, static fn (int $count): bool => 0 === $count)), true);
        while ([] !== $ready) {
            $next = $this->choose($ready);
            unset($ready[$next]);
            $this->place($this->graph->works[$next]);
            unset($this->warm[$next]);
            foreach ($this->behind[$next] as $other) {
                if (0 === --$this->waiting[$other]) {
                    $ready[$other] = true;
                }
            }
        }
        if ([] !== array_filter($this->waiting, static fn (int $count): bool => $count > 0)) {
            throw new \LogicException('Works of an engine wait for each other in a circle.');
        }

        return $this->modes->sequence();
    }

    /** @param non-empty-array<int, true> $ready */
    private function choose(array $ready): int
    {
        $glued = $this->isWarm ? array_intersect_key($ready, $this->warm) : [];
        $glued = $this->isRunning ? array_filter($ready, fn (int $place): bool => Lockout::Locked !== $this->graph->works[$place]->lockout, \ARRAY_FILTER_USE_KEY) : $glued;
        $best = null;
        foreach ([] === $glued ? $ready : $glued as $place => $_) {
            $score = [$this->modes->changesFor($this->graph->works[$place]), $place];
            $best = null === $best || $score < $best ? $score : $best;
        }

        return $best[1];
    }

    private function place(PlannedWork $work): void
    {
        $this->modes->place($work);
        $this->isWarm = $this->isWarm || $work->has(Effect::Started);
        $this->isRunning = ($this->isRunning || $work->has(Effect::Started)) && !$work->has(Effect::Stopped);
    }

    /**
     * @param list<list<int>> $before
     *
     * @return array<int, true> the warm works and all that they wait for
     */
    private function closure(array $before): array
    {
        $open = array_keys(array_filter($this->graph->works, static fn (PlannedWork $work): bool => $work->warm));
        $closure = array_fill_keys($open, true);
        while ([] !== $open) {
            foreach ($before[array_pop($open)] as $other) {
                if (!isset($closure[$other])) {
                    $closure[$other] = true;
                    $open[] = $other;
                }
            }
        }

        return $closure;
    }
}
