<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/**
 * The works of one engine in an order in which they could be done, with what each waits for; attitude and lockout left
 * aside, which are set as they are needed.
 */
final readonly class EngineGraph
{
    /** @var list<PlannedWork> */
    public array $works;
    public Waits $waits;

    /** @param self|null $sister of an engine with the same works: what waits for what is found once */
    public function __construct(public EngineWorks $engine, ?self $sister = null)
    {
        if (null !== $sister) {
            $own = array_column(array_map(static fn (PlannedWork $work): array => [$work->id->operation, $work], $engine->works), 1, 0);
            $this->works = array_map(static fn (PlannedWork $work): PlannedWork => $own[$work->id->operation], $sister->works);
            $this->waits = $sister->waits;

            return;
        }
        $this->works = NestedOrder::of($engine->works);
        $this->waits = self::waits($this->works);
    }

    /**
     * What asks for something waits for what brings it about, and all for the level on arrival; what is done warm for
     * the run that warms, and what comes at the end for the run that proves. Nothing is sprayed before what the book has
     * before that run is done: nobody feels and looks for corrosion, or bares an anode's seat, under a fresh film. Where
     * the engine rests after that run, it is sprayed once it has rested and is hot no more.
     *
     * @param list<PlannedWork> $works
     */
    private static function waits(array $works): Waits
    {
        $waits = Dependencies::of($works);
        $warmUp = $proven = $rested = $cowl = $arrival = null;
        foreach ($works as $place => $work) {
            $stops = $work->has(Effect::Stopped);
            $warmUp ??= $stops && $work->has(Effect::Started) ? $place : null;
            $proven ??= $stops && !$work->has(Effect::Started) ? $place : null;
            $rested ??= null !== $proven && $work->has(Effect::Rested) ? $place : null;
            $cowl = Opening::Cowl === $work->changes->closes ? $place : $cowl;
            $arrival = $work->has(Effect::ArrivalRead) ? $place : $arrival;
        }
        $first = null === $arrival ? [] : $waits->all($arrival);
        foreach ($works as $place => $work) {
            if (null !== $arrival && !isset($first[$place])) {
                $waits->add($arrival, $place);
            }
            if ($work->standing->warm && null !== $warmUp) {
                $waits->add($warmUp, $place);
            }
            if ($work->standing->afterRun && null !== $proven && $proven < $place) {
                $waits->add($proven, $place);
            }
            if ($work->has(Effect::Sprayed)) {
                for ($other = min($proven ?? $place, $place) - 1; $other >= 0; --$other) {
                    $waits->add($other, $place);
                }
                if (null !== $rested && $rested !== $place) {
                    $waits->add($rested, $place);
                }
            }
            if (null !== $cowl && $place < $cowl && !$work->changes->isMode()) {
                $waits->add($place, $cowl);
            }
        }

        return $waits;
    }

    /**
     * What is done in one go: works of one name, from a start to its stop, and from the run that warms to what is done
     * warm.
     *
     * @return list<list<int>> places
     */
    public function together(): array
    {
        $of = $members = [];
        $run = null;
        foreach ($this->works as $place => $work) {
            $name = $work->standing->together;
            $key = match (true) {
                $work->standing->warm && null !== $run => $run,
                '' !== $name => 'together '.$name,
                default => 'alone '.$place,
            };
            $run = $work->has(Effect::Started) && $work->has(Effect::Stopped) ? $key : $run;
            $of[$place] = $key;
            $members[$key][] = $place;
        }

        return array_values($members);
    }
}
