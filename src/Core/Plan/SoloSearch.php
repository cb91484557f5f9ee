<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/**
 * Goes through the work on some engines of a rig in every order that makes a difference to one technician. He waits for
 * what goes on by itself, or leaves these engines for others: while he is away, all of it comes to its end.
 */
final class SoloSearch
{
    /** As many stretches as an integer has bits for. */
    private const MOST_STRETCHES = 62;
    /** It is given up rather than waited for. */
    private const MOST_STATES = 4_000;

    /** @var array<string, Attitude> how the engines hang at the beginning, by position */
    private array $hang = [];
    /** @var list<int> by place in `numbers`: a bit for each that it waits for */
    private array $before = [];
    /** @var array<int, int> by place: a bit for each that waits for it */
    private array $behind = [];
    /** @var list<list<array{int, int}>> by place: bits of what opens something that bars it at once, and of what closes that */
    private array $bars = [];

    /** @var array<int, true> by place: those that go on by themselves */
    private array $goOn = [];

    /**
     * @param list<int> $numbers   stretches on these engines
     * @param list<int> $waits     those of them of which it counts that they go on by themselves
     * @param int       $changeMin minutes that a change of place costs
     * @param bool      $mayLeave  whether the rig has other engines
     */
    public function __construct(
        private readonly WalkMap $map,
        private readonly array $numbers,
        private readonly array $waits,
        private readonly int $changeMin,
        private readonly bool $mayLeave,
    ) {
    }

    /**
     * Minutes until the hands are free, changes of place between these engines, above and below, and back from others
     * included; null: there are too many orders to go through.
     */
    public function least(): ?int
    {
        if (\count($this->numbers) > self::MOST_STRETCHES) {
            return null;
        }
        $this->connect();
        $layer = [[new SoloState(0, '', null, $this->hang, 0, [])]];
        $seen = 0;
        foreach ($this->numbers as $_) {
            $next = [];
            foreach (array_merge(...array_values($layer)) as $state) {
                if (++$seen > self::MOST_STATES) {
                    return null;
                }
                foreach ($this->ways($state) as $way) {
                    self::keep($next, $way);
                }
            }
            $layer = $next;
        }
        $minutes = array_map(static fn (SoloState $state): int => $state->minute, array_merge(...array_values($layer)));

        return [] === $minutes ? null : min($minutes);
    }

    private function connect(): void
    {
        $places = array_flip($this->numbers);
        $this->behind = array_fill(0, \count($places), 0);
        foreach ($this->numbers as $place => $number) {
            $this->hang[$this->map->positions[$number]] = Attitude::Vertical;
            if ($this->map->stretches[$number]->unattendedMin > 0 && \in_array($number, $this->waits, true)) {
                $this->goOn[$place] = true;
            }
            $before = 0;
            foreach (array_intersect_key($places, $this->map->rig->waits->all($number)) as $other) {
                if ($other !== $place) {
                    $before |= 1 << $other;
                    $this->behind[$other] |= 1 << $place;
                }
            }
            $this->before[] = $before;
            $bars = [];
            foreach (array_keys(array_filter($this->map->barredBy[$number])) as $pair) {
                [$opener, $closer] = $this->map->pairs[$pair];
                if (0 === $this->map->stretches[$opener]->unattendedMin && isset($places[$opener], $places[$closer])) {
                    $bars[] = [1 << $places[$opener], 1 << $places[$closer]];
                }
            }
            $this->bars[] = $bars;
        }
    }

    /** @return iterable<SoloState> every stretch that can come next, after waiting here or after having been away */
    private function ways(SoloState $state): iterable
    {
        foreach ($this->numbers as $place => $_) {
            if (0 !== ($state->begun & 1 << $place) || 0 !== ($this->before[$place] & ~$state->begun) || $this->isBarred($place, $state)) {
                continue;
            }
            yield $this->after($state, $place);
            if ($this->mayLeave && [] !== $state->until) {
                yield $this->after(
                    new SoloState($state->begun, '', null, $state->attitudes, $state->minute + $this->changeMin, []),
                    $place,
                );
            }
        }
    }

    private function isBarred(int $place, SoloState $state): bool
    {
        foreach ($this->bars[$place] as [$opener, $closer]) {
            if (0 !== ($state->begun & $opener) && 0 === ($state->begun & $closer)) {
                return true;
            }
        }

        return false;
    }

    private function after(SoloState $state, int $place): SoloState
    {
        $number = $this->numbers[$place];
        $stretch = $this->map->stretches[$number];
        $position = $this->map->positions[$number];
        [$enters, $leaves] = $this->map->below[$number];
        $begun = $state->begun | 1 << $place;
        $ready = $this->ready($state, $place);
        $held = $state->minute;
        if ($stretch->heldMin > 0) {
            $isElsewhere = null !== $state->below && null !== $enters && $state->below !== $enters;
            $comes = '' !== $state->at && ($state->at !== $position || $isElsewhere) ? $state->minute + $this->changeMin : $state->minute;
            $held = max($ready, $comes, $this->hangsUntil($state, $number)) + $this->turnMin($state, $number) + $stretch->heldMin;
            $ready = $held;
        }
        $until = $state->until + (isset($this->goOn[$place]) ? [$place => $ready + $stretch->unattendedMin] : []);
        $until = array_filter(
            $until,
            fn (int $minute, int $other): bool => $minute > $held && 0 !== ($this->behind[$other] & ~$begun),
            \ARRAY_FILTER_USE_BOTH,
        );
        $hangs = $stretch->leaves ?? $stretch->enters;

        return new SoloState(
            $begun,
            $stretch->heldMin > 0 ? $position : $state->at,
            $leaves ?? ($state->at === $position ? $state->below : null),
            null === $hangs ? $state->attitudes : [...$state->attitudes, $position => $hangs],
            $held,
            $until,
        );
    }

    /** Minute at which all that it waits for is over. */
    private function ready(SoloState $state, int $place): int
    {
        $ready = $state->minute;
        foreach ($state->until as $other => $minute) {
            $ready = 0 === ($this->before[$place] & 1 << $other) ? $ready : max($ready, $minute);
        }

        return $ready;
    }

    /** Minute until which the engine must hang as it does, if it has to be turned; else 0. */
    private function hangsUntil(SoloState $state, int $number): int
    {
        $until = 0;
        foreach ($this->isTurned($state, $number) ? $state->until : [] as $other => $minute) {
            $stretch = $this->map->stretches[$this->numbers[$other]];
            if (null !== $stretch->leaves && $this->map->stretches[$number]->position === $stretch->position) {
                $until = max($until, $minute);
            }
        }

        return $until;
    }

    private function turnMin(SoloState $state, int $number): int
    {
        $enters = $this->map->stretches[$number]->enters;

        return null !== $enters && $this->isTurned($state, $number) ? $this->map->turn($number, $enters)->hands->heldMin ?? 0 : 0;
    }

    private function isTurned(SoloState $state, int $number): bool
    {
        $enters = $this->map->stretches[$number]->enters;

        return null !== $enters && $state->attitudes[$this->map->positions[$number]] !== $enters;
    }

    /** @param array<string, list<SoloState>> $states */
    private static function keep(array &$states, SoloState $state): void
    {
        $key = $state->key();
        $known = $states[$key] ?? [];
        foreach ($known as $other) {
            if ($other->isAsGoodAs($state)) {
                return;
            }
        }
        $states[$key] = [...array_values(array_filter($known, static fn (SoloState $other): bool => !$state->isAsGoodAs($other))), $state];
    }
}
