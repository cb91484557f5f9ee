<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/**
 * Works that the same hands do in one go, with the lockouts and changes of attitude that they need on the way. Most are
 * of one work; a run is from the lockout that is lifted to the one that is back.
 */
final readonly class Stretch
{
    /** @var list<int> by work: minutes from the beginning of the stretch */
    public array $offsets;
    public int $heldMin;
    /** Minutes at its end in which it goes on by itself. */
    public int $unattendedMin;
    /** How the engine must hang as it begins; null: any way. */
    public ?Attitude $enters;
    /** How it hangs at the end; null: as before. */
    public ?Attitude $leaves;
    /** @var list<string> */
    public array $zones;
    public int $people;
    public Changes $changes;

    /** @param non-empty-list<PlannedWork> $works */
    public function __construct(public ?Position $position, public array $works)
    {
        [$this->offsets, $this->heldMin] = self::times($works);
        $this->unattendedMin = $works[\count($works) - 1]->hands->unattendedMin;
        [$this->enters, $this->leaves] = self::attitudes($works);
        $zones = array_merge(...array_map(
            static fn (PlannedWork $work): array => $work->hands->heldMin > 0 ? $work->hands->zone->parts() : [],
            $works,
        ));
        $this->zones = array_values(array_unique(array_map(static fn (Zone $zone): string => $zone->value, $zones)));
        $this->people = max(array_map(static fn (PlannedWork $work): int => $work->hands->people, $works));
        $this->changes = new Changes(array_merge(...array_map(static fn (PlannedWork $work): array => $work->changes->effects, $works)));
    }

    /** What it does and how long, whichever engine it is done at: the first lockout and the one that hands back are apart. */
    public function likeness(): string
    {
        return implode('|', array_map(
            static fn (PlannedWork $work): string => implode(' ', [
                $work->id->operation,
                $work->hands->handsOnMin,
                $work->hands->presenceMin,
                $work->hands->unattendedMin,
                $work->needs->attitude->value ?? '',
            ]),
            $this->works,
        ));
    }

    public function has(Effect $effect): bool
    {
        return $this->changes->has($effect);
    }

    /**
     * Minutes from its beginning to when hands are first where the engine beside it would hurt them; those who attend
     * its own run are not. Null: never.
     */
    public function inReachFrom(): ?int
    {
        $runs = false;
        foreach ($this->works as $place => $work) {
            $runs = $runs || $work->has(Effect::Started);
            $isHands = $work->hands->zone->isInReach()
                && $work->hands->heldMin > 0
                && (!$work->changes->isMode() || null !== $work->changes->turnsTo);
            if (!$runs && $isHands) {
                return $this->offsets[$place];
            }
            $runs = $runs && !$work->has(Effect::Stopped);
        }

        return null;
    }

    /** Whether it begins with closing something, and opens nothing. */
    public function isClosing(): bool
    {
        $opens = [] !== array_filter($this->works, static fn (PlannedWork $work): bool => null !== $work->changes->opens);

        return !$opens
            && (null !== $this->works[0]->changes->closes || $this->works[0]->changes->hasAny(
                Effect::DrainClosed,
                Effect::SpillClosed,
                Effect::GearDrainClosed,
            ));
    }

    /**
     * The last work's wait is the stretch's own; those before it are waited for on the spot.
     *
     * @param non-empty-list<PlannedWork> $works
     *
     * @return array{list<int>, int}
     */
    private static function times(array $works): array
    {
        $offsets = [];
        $minutes = $held = 0;
        foreach ($works as $work) {
            $offsets[] = $minutes;
            $held = $minutes + $work->hands->heldMin;
            $minutes = $held + $work->hands->unattendedMin;
        }

        return [$offsets, $held];
    }

    /**
     * @param non-empty-list<PlannedWork> $works
     *
     * @return array{Attitude|null, Attitude|null}
     */
    private static function attitudes(array $works): array
    {
        $enters = $leaves = null;
        foreach ($works as $work) {
            $enters ??= null === $leaves ? $work->needs->attitude : null;
            $leaves = $work->changes->turnsTo ?? $work->needs->attitude ?? $leaves;
        }

        return [$enters, $leaves];
    }
}
