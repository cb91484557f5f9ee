<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

use FreshTack\Core\Plan\Sequence\Dice;

/**
 * Makes tastes: usual ones first, then any, and others out of one that did well. Like work is worth the same at every
 * engine of a kind, so that each is gone through as the one before it; engines differ as a whole.
 */
final readonly class Tastes
{
    /** Taste after taste: minutes for a change, a turn, a wait, a second person, of patience, and for what is left open. */
    private const USUAL = [
        [30, 20, 3, 10, 0, 150], [0, 0, 0, 0, 0, 150], [60, 30, 6, 20, 0, 150], [15, 10, 0, 5, 0, 150],
        [120, 60, 8, 30, 0, 150], [60, 0, 0, 60, 0, 150], [240, 60, 0, 15, 0, 150], [30, 60, 10, 40, 0, 150],
        [8, 30, 2, 10, 0, 150], [90, 90, 15, 90, 0, 150], [400, 200, 4, 25, 0, 150], [20, 0, 6, 120, 0, 150],
    ];
    private const CHANGES_MIN = [0, 4, 10, 20, 40, 70, 120, 250, 500];
    private const TURNS_MIN = [0, 15, 60, 200];
    private const WAITS_MIN = [0, 0, 3, 6, 10, 16, 26];
    private const PAIRS_MIN = [0, 5, 15, 30, 60, 120];
    private const OPENS_MIN = [150, 300, 600, 1200];
    private const PATIENCES_MIN = [0, 0, 4, 8, 15];
    /** Minutes behind a work up to which it may be kept back, and by how much less it is worth then. */
    private const BEHINDS_MIN = [0, 120, 200];
    private const KEPT_BACKS_MIN = [50, 150, 300];
    private const NOISES_MIN = [3, 10, 25, 60, 120];
    private const CHANGED_AT_ONCE = 4;
    private const MOVED_AT_ONCE = 3;

    private Dice $dice;

    public function __construct(private WalkMap $map)
    {
        $this->dice = new Dice();
    }

    /** @param int $walk from 0 */
    public function first(int $walk): Taste
    {
        if (isset(self::USUAL[$walk])) {
            [$changeMin, $turnMin, $placeMin, $personMin, $worthMin, $openMin] = self::USUAL[$walk];

            return new Taste($changeMin, $turnMin, $openMin, new Patience($placeMin, $personMin, $worthMin), $this->map->tails);
        }
        $most = $this->pick(self::NOISES_MIN);
        [$changeMin, $turnMin] = [$this->pick(self::CHANGES_MIN), $this->pick(self::TURNS_MIN)];
        $patience = new Patience($this->pick(self::WAITS_MIN), $this->pick(self::PAIRS_MIN), $this->pick(self::PATIENCES_MIN));
        $openMin = $this->pick(self::OPENS_MIN);

        return new Taste($changeMin, $turnMin, $openMin, $patience, $this->keptBack($this->noised($most)));
    }

    public function near(Taste $taste): Taste
    {
        return 0 === $this->dice->roll(2) ? $taste->with($this->moved($taste->worth)) : $this->rolled($taste);
    }

    /** @return list<int> */
    private function noised(int $most): array
    {
        $noise = $ahead = [];
        foreach ($this->map->alike as $number => $alike) {
            $noise[$number] = $noise[$alike[0]] ?? $this->dice->roll($most + 1);
            $ahead[$this->map->positions[$number]] ??= $this->dice->roll($most + 1);
        }

        return array_map(
            static fn (int $tail, int $noise, string $position): int => $tail + $noise + $ahead[$position],
            $this->map->tails,
            $noise,
            $this->map->positions,
        );
    }

    /**
     * What has little behind it is worth less still: it is kept for the waits at the end.
     *
     * @param list<int> $worth
     *
     * @return list<int>
     */
    private function keptBack(array $worth): array
    {
        $most = $this->pick(self::BEHINDS_MIN);
        $less = $this->pick(self::KEPT_BACKS_MIN);

        return array_map(
            static fn (int $worth, int $tail, Stretch $stretch): int => $tail - $stretch->heldMin < $most && self::canWait($stretch)
                ? $worth - $less
                : $worth,
            $worth,
            $this->map->tails,
            $this->map->stretches,
        );
    }

    private static function canWait(Stretch $stretch): bool
    {
        return 1 === \count($stretch->works) && !$stretch->isClosing();
    }

    /**
     * Some are worth as much as some other, or hardly more or less: they are begun beside it.
     *
     * @param list<int> $worth
     *
     * @return list<int>
     */
    private function moved(array $worth): array
    {
        for ($times = 1 + $this->dice->roll(self::MOVED_AT_ONCE); $times > 0; --$times) {
            [$number, $other] = [$this->any(), $this->any()];
            $worth = $this->raised($worth, $number, $worth[$other] + $this->dice->roll(3) - 1 - $worth[$number]);
        }

        return $worth;
    }

    private function rolled(Taste $taste): Taste
    {
        $worth = $taste->worth;
        $most = 2 * $this->pick(self::NOISES_MIN);
        for ($times = 1 + $this->dice->roll(self::CHANGED_AT_ONCE); $times > 0; --$times) {
            $worth = $this->raised($worth, $this->any(), $this->dice->roll(2 * $most + 1) - $most);
        }

        return match ($this->dice->roll(6)) {
            0 => $this->leaving($taste, $worth),
            1 => $this->waiting($taste, $worth),
            2 => $taste->with($this->ahead($worth, $this->dice->roll(2 * $most + 1) - $most)),
            default => $taste->with($worth),
        };
    }

    /**
     * @param list<int> $worth
     * @param int       $byMin minutes by which it is worth more, at every engine of a kind
     *
     * @return list<int>
     */
    private function raised(array $worth, int $number, int $byMin): array
    {
        foreach ($this->map->alike[$number] as $each) {
            $worth[$each] += $byMin;
        }

        return array_values($worth);
    }

    /**
     * @param list<int> $worth
     * @param int       $byMin minutes by which all that is done at some engine is worth more
     *
     * @return list<int>
     */
    private function ahead(array $worth, int $byMin): array
    {
        $ahead = $this->map->positions[$this->any()];

        return array_map(
            static fn (int $worth, string $position): int => $worth + ($position === $ahead ? $byMin : 0),
            $worth,
            $this->map->positions,
        );
    }

    /** @param list<int> $worth */
    private function leaving(Taste $taste, array $worth): Taste
    {
        $changeMin = $this->pick(self::CHANGES_MIN);
        $patience = new Patience($taste->patience->placeMin, $taste->patience->personMin, $this->pick(self::PATIENCES_MIN));

        return new Taste($changeMin, $taste->turnMin, $this->pick(self::OPENS_MIN), $patience, $worth);
    }

    /** @param list<int> $worth */
    private function waiting(Taste $taste, array $worth): Taste
    {
        $patience = new Patience($this->pick(self::WAITS_MIN), $this->pick(self::PAIRS_MIN), $taste->patience->worthMin);

        return new Taste($taste->changeMin, $taste->turnMin, $taste->openMin, $patience, $worth);
    }

    private function any(): int
    {
        return $this->dice->roll(\count($this->map->stretches));
    }

    /** @param non-empty-list<int> $of */
    private function pick(array $of): int
    {
        return $of[$this->dice->roll(\count($of))];
    }
}
