<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/**
 * The same way through the work with port and starboard changed. Engines that need the same are begun from port, as
 * people go along a transom; what hangs beside what stays so.
 */
final readonly class Mirror
{
    public static function fromPort(RigWorks $rig, Walked $walked): Walked
    {
        $first = self::firstOf($rig, $walked);
        if (null === $first || 2 * $first <= \count($rig->rig->positions) - 1) {
            return $walked;
        }
        $other = self::numbers($rig);

        return null === $other ? $walked : self::changed($rig, $walked, $other);
    }

    /**
     * @return array<int, int>|null by stretch the one on the other side; null: the sides differ
     */
    private static function numbers(RigWorks $rig): ?array
    {
        if ([] !== $rig->kept) {
            return null;
        }
        $known = [];
        foreach ($rig->stretches as $number => $stretch) {
            $known[self::keyOf($stretch, $stretch->position)] = $number;
        }
        $numbers = [];
        foreach ($rig->stretches as $number => $stretch) {
            $other = $known[self::keyOf($stretch, self::across($rig, $stretch->position))] ?? null;
            if (null === $other) {
                return null;
            }
            $numbers[$number] = $other;
        }

        return $numbers;
    }

    private static function across(RigWorks $rig, ?Position $position): ?Position
    {
        $place = array_search($position, $rig->rig->positions, true);

        return \is_int($place) ? $rig->rig->positions[\count($rig->rig->positions) - 1 - $place] : null;
    }

    private static function keyOf(Stretch $stretch, ?Position $position): string
    {
        return ($position->value ?? '').'|'.$stretch->likeness();
    }

    /** Place on the transom of the engine that is begun first. */
    private static function firstOf(RigWorks $rig, Walked $walked): ?int
    {
        asort($walked->starts);
        foreach ($walked->starts as $number => $_) {
            $place = array_search($rig->stretches[$number]->position, $rig->rig->positions, true);
            if (\is_int($place)) {
                return $place;
            }
        }

        return null;
    }

    /** @param array<int, int> $other */
    private static function changed(RigWorks $rig, Walked $walked, array $other): Walked
    {
        $changed = new Walked();
        [$changed->makespanMin, $changed->changes] = [$walked->makespanMin, $walked->changes];
        foreach ($other as $number => $from) {
            $changed->starts[$number] = $walked->starts[$from];
            $changed->by[$number] = $walked->by[$from];
            if (isset($walked->turns[$from])) {
                [$turn, $minute] = $walked->turns[$from];
                $position = $rig->stretches[$number]->position;
                $own = null === $position || null === $turn->changes->turnsTo
                    ? null
                    : $rig->modes($position)->turn($turn->changes->turnsTo);
                $changed->turns[$number] = [$own ?? $turn, $minute];
            }
        }

        return $changed;
    }
}
