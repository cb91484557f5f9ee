<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** What walking through a rig's work asks again and again, worked out once. */
final readonly class WalkMap
{
    /** Effects that keep an engine from being turned, and those that end it. */
    private const BARS = [
        [Effect::DrainOpened, Effect::DrainClosed],
        [Effect::SpillOpened, Effect::SpillClosed],
        [Effect::Rested, Effect::LevelRead],
    ];
    private const DRAINS = [
        [Effect::DrainOpened, Effect::DrainClosed, Zone::Powerhead],
        [Effect::SpillOpened, Effect::SpillClosed, Zone::Powerhead],
        [Effect::GearOpened, Effect::GearDrainClosed, Zone::Gearcase],
    ];

    /** @var list<Stretch> */
    public array $stretches;
    /** @var list<string> by stretch; empty: the rig */
    public array $positions;
    /** @var list<array{bool|null, bool|null}> by stretch: whether below the water, where it begins and where it ends */
    public array $below;
    /** @var list<bool> by stretch */
    public array $runs;
    /** @var list<int> by stretch: minutes from its beginning to the stop of the engine */
    public array $runEnds;
    /** @var list<bool> by stretch: whether fuel is open in it */
    public array $fuel;
    /** @var list<bool> by stretch */
    public array $sprays;
    /** @var list<int|null> by stretch: minutes until hands are where the engine beside it would hurt them; null: never */
    public array $inReach;
    /** @var list<bool> by stretch: whether the engine is turned on the way */
    public array $innerTurn;
    /** @var list<int> by stretch: what it adds to or takes from what keeps the engine from being turned */
    public array $bars;
    /** @var list<array{int, int}> what is opened and closed, covers left aside: by which stretch, and by which */
    public array $pairs;
    /** @var array<int, list<int>> by stretch: the pairs that it opens */
    public array $opens;
    /**
     * @var list<array<int, bool>> by stretch: the pairs that bar it while they are open; false: open elsewhere on the
     *                             engine, and only rather closed first
     */
    public array $barredBy;
    /** @var list<int> by stretch: minutes of the longest chain from its beginning */
    public array $tails;
    /** @var list<int> by stretch: how many it waits for */
    public array $waiting;
    /** @var list<list<int>> by stretch: what waits for it */
    public array $behind;
    /** @var array<string, Attitude> by position: how it must hang for the level that is read before it is turned any other way */
    public array $arrivals;
    /** @var array<string, list<string>> by position: those beside it */
    public array $beside;
    /** @var list<list<int>> by stretch: those that do the same, at whichever engine */
    public array $alike;
    /** @var array<string, ModeChanges> by position */
    private array $modes;

    public function __construct(public RigWorks $rig)
    {
        $this->stretches = $rig->stretches;
        $numbers = array_keys($rig->stretches);
        $this->positions = array_map(static fn (Stretch $stretch): string => $stretch->position->value ?? '', $rig->stretches);
        $this->below = array_map(self::below(...), $rig->stretches);
        $this->runs = array_map(static fn (Stretch $stretch): bool => $stretch->has(Effect::Started), $rig->stretches);
        $this->runEnds = array_map(self::runEnd(...), $rig->stretches);
        $this->fuel = array_map(static fn (Stretch $stretch): bool => $stretch->has(Effect::FuelOpened), $rig->stretches);
        $this->sprays = array_map(static fn (Stretch $stretch): bool => $stretch->has(Effect::Sprayed), $rig->stretches);
        $this->inReach = array_map(static fn (Stretch $stretch): ?int => $stretch->inReachFrom(), $rig->stretches);
        $this->innerTurn = array_map(
            static fn (Stretch $stretch): bool => null !== $stretch->position
                && null !== $stretch->changes->turnsTo
                && \count($stretch->works) > 1,
            $rig->stretches,
        );
        $this->bars = array_map(self::bars(...), $rig->stretches);
        [$this->pairs, $this->barredBy] = $this->barring();
        $opens = [];
        foreach ($this->pairs as $pair => [$opener]) {
            $opens[$opener][] = $pair;
        }
        $this->opens = $opens;
        $lengths = array_map(static fn (Stretch $stretch): int => $stretch->heldMin + $stretch->unattendedMin, $rig->stretches);
        $this->tails = array_map(static fn (int $tail, int $length): int => $tail + $length, $rig->waits->tails($lengths), $lengths);
        $this->waiting = array_map(static fn (int $number): int => \count($rig->waits->before($number)), $numbers);
        $this->behind = array_map($rig->waits->behind(...), $numbers);
        $likes = array_map(static fn (Stretch $stretch): string => $stretch->likeness(), $rig->stretches);
        $alike = [];
        foreach ($likes as $number => $like) {
            $alike[$like][] = $number;
        }
        $this->alike = array_map(static fn (string $like): array => $alike[$like], $likes);
        $arrivals = $beside = $modes = [];
        foreach ($rig->stretches as $stretch) {
            if (null !== $stretch->position && $stretch->has(Effect::ArrivalRead)) {
                $arrivals[$stretch->position->value] = $stretch->enters ?? Attitude::Vertical;
            }
        }
        foreach ($rig->rig->positions as $position) {
            $beside[$position->value] = array_map(static fn (Position $other): string => $other->value, $rig->rig->beside($position));
            $modes[$position->value] = $rig->modes($position);
        }
        [$this->arrivals, $this->beside, $this->modes] = [$arrivals, $beside, $modes];
    }

    public function turn(int $number, Attitude $to): ?PlannedWork
    {
        return ($this->modes[$this->positions[$number]] ?? null)?->turn($to);
    }

    /** @return array{bool|null, bool|null} */
    private static function below(Stretch $stretch): array
    {
        $all = array_values(array_filter(
            array_map(
                static fn (PlannedWork $work): ?bool => $work->hands->heldMin > 0 ? $work->hands->zone->isBelow() : null,
                $stretch->works,
            ),
            \is_bool(...),
        ));

        return [] === $all || null === $stretch->position ? [null, null] : [$all[0], $all[\count($all) - 1]];
    }

    private static function runEnd(Stretch $stretch): int
    {
        foreach ($stretch->works as $place => $work) {
            if ($work->has(Effect::Stopped)) {
                return $stretch->offsets[$place] + $work->hands->heldMin;
            }
        }

        return $stretch->heldMin;
    }

    private static function bars(Stretch $stretch): int
    {
        $bars = 0;
        foreach ([] === $stretch->changes->effects ? [] : self::BARS as [$on, $off]) {
            $bars += ($stretch->has($on) && !$stretch->has($off) ? 1 : 0) - ($stretch->has($off) && !$stretch->has($on) ? 1 : 0);
        }
        foreach ($stretch->works as $work) {
            $bars += (Opening::LowerUnit === $work->changes->opens ? 1 : 0) - (Opening::LowerUnit === $work->changes->closes ? 1 : 0);
        }

        return $bars;
    }

    /**
     * What is open bars other work at its place until it is closed, but for what needs it open, what its closing waits
     * for, and while it drips. Elsewhere on the engine it is rather closed first, unless others may have their hands in it.
     *
     * @return array{list<array{int, int}>, list<array<int, bool>>} the pairs, and by stretch those that bar it
     */
    private function barring(): array
    {
        $pairs = [];
        $barredBy = array_fill(0, \count($this->stretches), []);
        $engines = [];
        foreach ($this->stretches as $number => $stretch) {
            if (null !== $stretch->position) {
                $engines[$stretch->position->value][$number] = $stretch;
            }
        }
        foreach ($engines as $own) {
            $barred = array_filter($own, self::isBarred(...));
            $needed = array_map(self::needed(...), $own);
            $openers = self::openers($own);
            foreach ($own as $closer => $stretch) {
                foreach (self::closedBy($stretch) as [$zone, $what, $opening]) {
                    $opener = self::lastBefore($closer, $openers[$what] ?? []);
                    if (null === $opener || $opener === $closer) {
                        continue;
                    }
                    $pair = \count($pairs);
                    $pairs[] = [$opener, $closer];
                    $zones = array_column($zone->parts(), 'value');
                    foreach (array_diff_key($barred, $this->rig->waits->all($closer)) as $number => $other) {
                        if (!isset($needed[$number][$opening->value ?? ''])) {
                            $barredBy[$number][$pair] = [] !== array_intersect($zones, $other->zones);
                        }
                    }
                }
            }
            $unread = self::unread($own);
            if (null !== $unread) {
                $pairs[] = $unread;
            }
        }

        return [$pairs, $barredBy];
    }

    /**
     * Oil that is in and has run down waits for its first reading, as if something were open: an engine that is left so
     * may be taken for one that is ready.
     *
     * @param array<int, Stretch> $own
     *
     * @return array{int, int}|null what it has run down after, and what reads it
     */
    private static function unread(array $own): ?array
    {
        $settled = null;
        foreach ($own as $number => $stretch) {
            if ($stretch->has(Effect::OilIn) || (null !== $settled && $stretch->has(Effect::Rested))) {
                $settled = $number;
            }
            if (null !== $settled && $stretch->has(Effect::LevelRead)) {
                return [$settled, $number];
            }
        }

        return null;
    }

    /** Whoever closes what was opened is never barred; a cover can wait until what is open beside it is closed. */
    private static function isBarred(Stretch $stretch): bool
    {
        $isCover = $stretch->works[0]->changes->closes?->isCover() ?? false;

        return !$stretch->changes->isMode() && ($isCover || !$stretch->isClosing());
    }

    /**
     * @param array<int, Stretch> $own
     *
     * @return array<string, list<int>> numbers of those that open it, by what is opened: a cover, or a drain
     */
    private static function openers(array $own): array
    {
        $openers = [];
        foreach ($own as $number => $stretch) {
            $opened = array_filter(array_map(
                static fn (PlannedWork $work): ?string => $work->changes->opens?->value,
                $stretch->works,
            ), \is_string(...));
            foreach ([] === $stretch->changes->effects ? [] : self::DRAINS as [$opens]) {
                $opened = $stretch->has($opens) ? [...$opened, $opens->value] : $opened;
            }
            foreach (array_unique($opened) as $what) {
                $openers[$what][] = $number;
            }
        }

        return $openers;
    }

    /**
     * Of what opens it, what did so last: a drain may be opened twice.
     *
     * @param list<int> $openers
     */
    private static function lastBefore(int $closer, array $openers): ?int
    {
        $before = array_filter($openers, static fn (int $opener): bool => $opener < $closer);

        return [] === $before ? $openers[0] ?? null : max($before);
    }

    /** @return array<string, true> what must be open for it, covers left aside */
    private static function needed(Stretch $stretch): array
    {
        $needed = [];
        foreach ($stretch->works as $work) {
            foreach ($work->needs->open as $opening) {
                $needed += $opening->isCover() ? [] : [$opening->value => true];
            }
        }

        return $needed;
    }

    /**
     * What a stretch closes, covers left aside: where, and what it is that was opened.
     *
     * @return list<array{Zone, string, Opening|null}>
     */
    private static function closedBy(Stretch $stretch): array
    {
        $closed = [];
        foreach ($stretch->works as $work) {
            $opening = $work->changes->closes;
            if (null !== $opening && !$opening->isCover()) {
                $closed[] = [$opening->zone(), $opening->value, $opening];
            }
        }
        foreach ([] === $stretch->changes->effects ? [] : self::DRAINS as [$opens, $closes, $zone]) {
            if ($stretch->has($closes)) {
                $closed[] = [$zone, $opens->value, null];
            }
        }

        return $closed;
    }
}
