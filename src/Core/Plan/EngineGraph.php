<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/**
 * The works of one engine in an order in which they could be done, with what each waits for; attitude and lockout left
 * aside, which are set as they are needed. Every lockout that is lifted for a run parts the work: before the run that
 * warms, between that and the run that proves, and after it. Groups of works that hang together may lie in one part or
 * in another, which decides what fills which wait.
 */
final readonly class EngineGraph
{
    private const LAST_PART = 2;

    /** @var list<PlannedWork> */
    public array $works;
    /** @var list<list<int>> by place: the places that it waits for */
    public array $before;
    /** @var list<list<int>> groups of places that may be moved together */
    public array $groups;
    /** @var list<array{int, int}> by group: the first and the last part in which it may lie */
    public array $ranges;
    /** @var list<HandMove> wishes that are met */
    public array $kept;
    /** @var int|null place of the run that warms */
    public ?int $warmUp;
    /** @var int|null place of the end of the run that proves */
    public ?int $proven;

    /** @param self|null $sister of an engine with the same works: what waits for what is found once */
    public function __construct(public EngineWorks $engine, ?self $sister = null)
    {
        if (null !== $sister) {
            $own = array_combine(array_map(self::nameOf(...), $engine->works), $engine->works);
            $this->works = array_map(static fn (PlannedWork $work): PlannedWork => $own[self::nameOf($work)], $sister->works);
            [$this->before, $this->kept, $this->warmUp, $this->proven, $this->groups, $this->ranges] = [$sister->before, [], $sister->warmUp, $sister->proven, $sister->groups, $sister->ranges];

            return;
        }
        $nested = NestedOrder::of($engine->works);
        $order = HandOrder::of($nested, self::waits($engine->position, $nested), $engine->moves);
        $this->works = $order->works;
        $this->before = $order->before;
        $this->kept = $order->kept;
        $this->warmUp = self::warmUp($this->works);
        $this->proven = self::proven($this->works);
        [$this->groups, $this->ranges] = $this->grouped($this->movable());
    }

    /** Of works that are the same but for their engine it is the same. Works that were moved by hand are like no other. */
    public static function kind(EngineWorks $engine): string
    {
        return [] === $engine->moves
            ? implode('|', array_map(static fn (PlannedWork $work): string => self::nameOf($work).' '.$work->attendedMin.' '.$work->unattendedMin.' '.$work->rank.' '.spl_object_id($work->footprint), $engine->works))
            : $engine->position;
    }

    private static function nameOf(PlannedWork $work): string
    {
        return substr($work->id, \strlen($work->position ?? ''));
    }

    /** Hands-on minutes of a group. */
    public function minutes(int $group): int
    {
        return array_sum(array_map(fn (int $place): int => $this->works[$place]->attendedMin, $this->groups[$group]));
    }

    /** Minutes of the longest wait after the run that proves. */
    public function lastRest(): int
    {
        return max([0, ...array_map(fn (int $place): int => $this->works[$place]->unattendedMin, array_keys($this->reach($this->proven, true)))]);
    }

    /**
     * What asks for something waits for what brings it about; what is done warm for the run that warms, and what comes
     * at the end for the run that proves.
     *
     * @param list<PlannedWork> $works
     *
     * @return list<list<int>>
     */
    private static function waits(string $position, array $works): array
    {
        $before = Dependencies::of([$position], array_map(static fn (PlannedWork $work): array => [$work, $work->footprint->withoutModes()], $works));
        $warmUp = self::warmUp($works);
        $proven = self::proven($works);
        foreach ($works as $place => $work) {
            foreach ([[$work->warm, $warmUp], [$work->afterRun, $proven]] as [$waits, $run]) {
                if ($waits && null !== $run && !\in_array($run, $before[$place], true)) {
                    $before[$place][] = $run;
                }
            }
        }

        return $before;
    }

    /** @param list<PlannedWork> $works */
    private static function warmUp(array $works): ?int
    {
        return array_keys(array_filter($works, static fn (PlannedWork $work): bool => $work->has(Effect::Started) && $work->has(Effect::Stopped)))[0] ?? null;
    }

    /** @param list<PlannedWork> $works */
    private static function proven(array $works): ?int
    {
        return array_keys(array_filter($works, static fn (PlannedWork $work): bool => $work->has(Effect::Stopped) && !$work->has(Effect::Started)))[0] ?? null;
    }

    /**
     * The first and the last part in which each movable work may lie, of those that have a choice.
     *
     * @return array<int, array{int, int}> by place
     */
    private function movable(): array
    {
        $behindWarm = $this->reach($this->warmUp, true);
        $frontWarm = array_reduce(array_keys($this->works), fn (array $reached, int $place): array => $this->works[$place]->warm ? $reached + $this->reach($place, false) : $reached, $this->reach($this->warmUp, false));
        $behindRun = $this->reach($this->proven, true);
        $frontRun = $this->reach($this->proven, false);
        $ranges = [];
        foreach ($this->works as $place => $work) {
            $least = isset($behindRun[$place]) ? self::LAST_PART : (isset($behindWarm[$place]) ? 1 : 0);
            $most = isset($frontWarm[$place]) ? 0 : (isset($frontRun[$place]) ? 1 : self::LAST_PART);
            if ($most > $least && $work->movable && Lockout::Locked === $work->lockout) {
                $ranges[$place] = [$least, $most];
            }
        }

        return $ranges;
    }

    /** @return array<int, true> this place and all behind it, or all before it; none: nothing */
    private function reach(?int $from, bool $behind): array
    {
        if (null === $from) {
            return [];
        }
        $reached = [$from => true];
        $places = array_keys($this->works);
        foreach ($behind ? $places : array_reverse($places) as $place) {
            foreach ($this->before[$place] as $other) {
                if ($behind && isset($reached[$other])) {
                    $reached[$place] = true;
                } elseif (!$behind && isset($reached[$place])) {
                    $reached[$other] = true;
                }
            }
        }

        return $reached;
    }

    /**
     * Movable works that wait for each other, be it by way of others, belong together.
     *
     * @param array<int, array{int, int}> $ranges by place
     *
     * @return array{list<list<int>>, list<array{int, int}>}
     */
    private function grouped(array $ranges): array
    {
        $groups = $of = [];
        foreach (array_keys($ranges) as $place) {
            $joined = [$place];
            foreach (array_keys($this->reach($place, false)) as $other) {
                if (isset($of[$other]) && isset($groups[$of[$other]])) {
                    array_push($joined, ...$groups[$of[$other]]);
                    unset($groups[$of[$other]]);
                }
            }
            $groups[$place] = $joined;
            foreach ($joined as $member) {
                $of[$member] = $place;
            }
        }
        $kept = $allowed = [];
        foreach ($groups as $group) {
            $range = [max(array_map(static fn (int $place): int => $ranges[$place][0], $group)), min(array_map(static fn (int $place): int => $ranges[$place][1], $group))];
            if ($range[1] > $range[0]) {
                $kept[] = $group;
                $allowed[] = $range;
            }
        }

        return [$kept, $allowed];
    }
}
