<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/**
 * Minutes in which one technician can't but take: each two engines in the best of all their orders, if leaving them for
 * others costs a change of place and whatever goes on by itself on them is over when he is back. He comes to each two once
 * more than he leaves them, and what is done to the rig before all engines and after them comes on top; what is done to
 * it between them may fill a wait, and is left out.
 */
final readonly class SoloBound
{
    /** Engines whose orders are gone through together. */
    private const TOGETHER = 2;

    public static function of(WalkMap $map, int $changeMin): int
    {
        $positions = array_values(array_filter(
            $map->rig->rig->positions,
            static fn (Position $position): bool => \in_array($position->value, $map->positions, true),
        ));
        $groups = [];
        foreach (array_chunk($positions, self::TOGETHER) as $some) {
            $minutes = 1 === \count($some) ? null : self::exactly($map, $some, $changeMin);
            array_push($groups, ...(null === $minutes ? array_map(
                static fn (Position $position): int => self::alone($map, $position, $changeMin),
                $some,
            ) : [$minutes]));
        }

        return array_sum($groups) + $changeMin * max(0, \count($groups) - 1) + self::aroundMin($map->rig);
    }

    /** @param list<Position> $positions */
    private static function exactly(WalkMap $map, array $positions, int $changeMin): ?int
    {
        $numbers = array_keys(self::on($map, $positions));

        return (new SoloSearch($map, $numbers, $numbers, $changeMin, self::mayLeave($map, $positions)))->least();
    }

    /**
     * Whether another engine has work.
     *
     * @param list<Position> $positions
     */
    private static function mayLeave(WalkMap $map, array $positions): bool
    {
        return [] !== array_diff($map->positions, ['', ...array_column($positions, 'value')]);
    }

    /**
     * Where there are too many orders, one wait after the other is taken for none: first those that most other work can
     * fill. What can fill none that is left takes its own minutes, whenever it is done.
     */
    private static function alone(WalkMap $map, Position $position, int $changeMin): int
    {
        $minutes = self::exactly($map, [$position], $changeMin);
        if (null !== $minutes) {
            return $minutes;
        }
        $stretches = self::on($map, [$position]);
        $mayLeave = self::mayLeave($map, [$position]);
        $held = array_map(static fn (Stretch $stretch): int => $stretch->heldMin, $stretches);
        $fillers = self::fillers($map->rig, $stretches);
        $spare = [];
        foreach ($fillers as $number => $others) {
            $spare[$number] = array_sum(array_intersect_key($held, $others)) - $stretches[$number]->unattendedMin;
        }
        asort($spare);
        $waits = array_keys($spare);
        do {
            $near = [] === $waits ? [] : array_intersect_key($stretches, self::near($map, $position, $waits, $fillers));
            $minutes = (new SoloSearch($map, array_keys($near), $waits, $changeMin, $mayLeave))->least();
            array_pop($waits);
        } while (null === $minutes);

        return $minutes + array_sum(array_diff_key($held, $near));
    }

    /**
     * What decides how much of some waits is filled: they, what may fill them, what comes directly behind, the turns,
     * and what opens something that one of these has to close first.
     *
     * @param list<int>                     $waits
     * @param array<int, array<int, true>> $fillers
     *
     * @return array<int, true> by number
     */
    private static function near(WalkMap $map, Position $position, array $waits, array $fillers): array
    {
        $near = array_fill_keys(TurnChain::of($map->rig, $position), true);
        foreach ($waits as $number) {
            $near += [$number => true] + $fillers[$number] + array_fill_keys($map->behind[$number], true);
        }
        foreach ($map->pairs as [$opener, $closer]) {
            $near += isset($near[$closer]) ? [$opener => true] : [];
        }

        return $near;
    }

    /**
     * @param array<int, Stretch> $stretches by number
     *
     * @return array<int, array<int, true>> by number of each that goes on by itself: what may be done meanwhile
     */
    private static function fillers(RigWorks $rig, array $stretches): array
    {
        $fillers = [];
        foreach ($stretches as $number => $stretch) {
            if ($stretch->unattendedMin > 0) {
                $linked = $rig->waits->all($number) + $rig->waits->allBehind($number);
                $fillers[$number] = array_fill_keys(array_keys(array_diff_key($stretches, $linked)), true);
            }
        }

        return $fillers;
    }

    /**
     * @param list<Position> $positions
     *
     * @return array<int, Stretch> by number
     */
    private static function on(WalkMap $map, array $positions): array
    {
        return array_filter($map->stretches, static fn (Stretch $stretch): bool => \in_array($stretch->position, $positions, true));
    }

    private static function aroundMin(RigWorks $rig): int
    {
        $minutes = 0;
        $ofEngines = array_filter($rig->stretches, static fn (Stretch $stretch): bool => null !== $stretch->position);
        foreach (array_diff_key($rig->stretches, $ofEngines) as $number => $stretch) {
            $linked = $rig->waits->all($number) + $rig->waits->allBehind($number);
            $minutes += [] === array_diff_key($ofEngines, $linked) ? $stretch->heldMin + $stretch->unattendedMin : 0;
        }

        return $minutes;
    }
}
