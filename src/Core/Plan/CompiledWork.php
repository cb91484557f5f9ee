<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

use FreshTack\Core\Plan\Sequence\Activity;
use FreshTack\Core\Plan\Sequence\InvalidSequence;
use FreshTack\Core\Plan\Sequence\SequenceProblem;

/**
 * Works as activities for the sequencer. From the run that warms an engine to the opening of its drain the same hands
 * stay on: that is one activity, or the oil would cool meanwhile.
 */
final class CompiledWork
{
    private const HANDS = 'hands';

    public readonly SequenceProblem $problem;
    /** @var list<array{int, int}> by place in the sequence: activity, minutes from its beginning */
    public array $places = [];
    /** @var list<string> by activity: the engine, or nothing for the rig */
    public array $positions = [];
    /** @var list<Activity> */
    private array $activities = [];
    /** @var array<int, int> by place: the activity that must have ended */
    private array $endedBy = [];

    /**
     * @param list<PlannedWork> $sequence
     * @param list<string>      $engines  positions
     * @param list<HandMove>    $moves    wishes that the sequence meets and the plan must meet too
     *
     * @throws InvalidSequence never, for a sequence that was put in order
     */
    public function __construct(private readonly array $sequence, private readonly array $engines, private readonly int $technicians, array $moves = [])
    {
        $before = $this->moved($this->framed(Dependencies::of($engines, array_map(static fn (PlannedWork $work): array => [$work, $work->footprint], $sequence))), $moves);
        $place = 0;
        while ($place < \count($sequence)) {
            $end = $this->endOfWarm($place);
            $this->add($place, $end, $before);
            $place = $end + 1;
        }
        $this->problem = SequenceProblem::of($this->resources(), $this->activities);
    }

    /**
     * The boat is placed before anything else, and what is done to the rig after the engines waits for them all.
     *
     * @param list<list<int>> $before
     *
     * @return list<list<int>>
     */
    private function framed(array $before): array
    {
        $placing = array_keys(array_filter($this->sequence, static fn (PlannedWork $work): bool => $work->isFirst()));
        foreach ($this->sequence as $place => $work) {
            $frame = $work->isLast() ? range(0, max(0, $place - 1)) : ($work->isFirst() ? [] : $placing);
            foreach ($frame as $other) {
                if ($other < $place && !\in_array($other, $before[$place], true)) {
                    $before[$place][] = $other;
                }
            }
        }

        return $before;
    }

    /**
     * @param list<list<int>> $before
     * @param list<HandMove>  $moves
     *
     * @return list<list<int>>
     */
    private function moved(array $before, array $moves): array
    {
        $places = array_flip(array_map(static fn (PlannedWork $work): string => $work->id, $this->sequence));
        foreach ($moves as $move) {
            $before[$places[$move->before]][] = $places[$move->work];
        }

        return array_map(array_values(...), $before);
    }

    /** The last place of what is done in one go from here on: the place itself, but for a run that warms. */
    private function endOfWarm(int $place): int
    {
        $work = $this->sequence[$place];
        if (!$work->has(Effect::Started)) {
            return $place;
        }
        $last = $place;
        for ($end = $place + 1; ($this->sequence[$end]->position ?? '') === $work->position && !$this->sequence[$end]->has(Effect::Started); ++$end) {
            $last = $this->sequence[$end]->warm ? $end : $last;
        }

        return $last;
    }

    /** @param list<list<int>> $before */
    private function add(int $from, int $to, array $before): void
    {
        $works = \array_slice($this->sequence, $from, $to - $from + 1);
        $last = $works[\count($works) - 1];
        $after = $this->after($from, $to, $before);
        $index = \count($this->activities);
        $minutes = 0;
        foreach ($works as $offset => $work) {
            $this->places[] = [$index, $minutes];
            $this->endedBy[$from + $offset] = $index;
            $minutes += $work->attendedMin + ($from + $offset < $to ? $work->unattendedMin : 0);
        }
        $isOne = 1 === \count($works);
        $this->activities[] = new Activity((string) $index, $minutes, $isOne ? $last->unattendedMin : 0, $this->needs($works), [], $after);
        $this->positions[] = $last->position ?? '';
        if (!$isOne && $last->unattendedMin > 0) {
            $this->activities[] = new Activity((string) ($index + 1), 0, $last->unattendedMin, [], [], [(string) $index]);
            $this->positions[] = $last->position ?? '';
            $this->endedBy[$to] = $index + 1;
        }
    }

    /**
     * @param list<list<int>> $before
     *
     * @return list<string>
     */
    private function after(int $from, int $to, array $before): array
    {
        $after = [];
        for ($place = $from; $place <= $to; ++$place) {
            foreach ($before[$place] as $other) {
                if ($other < $from) {
                    $after[(string) $this->endedBy[$other]] = true;
                }
            }
        }

        return array_map(strval(...), array_keys($after));
    }

    /**
     * @param list<PlannedWork> $works
     *
     * @return array<string, int>
     */
    private function needs(array $works): array
    {
        $needs = [];
        foreach ($works as $work) {
            if ($work->attendedMin > 0) {
                $needs[self::HANDS] = max($needs[self::HANDS] ?? 0, min($work->people, $this->technicians));
                foreach (null === $work->position ? [] : $work->zone->parts() as $zone) {
                    $needs[$work->position.'.'.$zone->value] = 1;
                }
            }
        }

        return $needs;
    }

    /** @return array<string, int> */
    private function resources(): array
    {
        $resources = [self::HANDS => $this->technicians];
        foreach ($this->engines as $position) {
            foreach (Zone::Whole->parts() as $zone) {
                $resources[$position.'.'.$zone->value] = 1;
            }
        }

        return $resources;
    }
}
