<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** Works by rank, but what is opened is opened before what lies behind it, and closed after that; the cowl last of all. */
final readonly class NestedOrder
{
    /**
     * @param list<PlannedWork> $works
     *
     * @return list<PlannedWork>
     */
    public static function of(array $works): array
    {
        usort($works, static fn (PlannedWork $a, PlannedWork $b): int => $a->rank <=> $b->rank);
        [$waiting, $behind] = self::constraints($works);
        $ready = array_fill_keys(array_keys(array_filter($waiting, static fn (int $count): bool => 0 === $count)), true);
        $order = [];
        while ([] !== $ready) {
            $next = min(array_keys($ready));
            unset($ready[$next]);
            $order[] = $works[$next];
            foreach ($behind[$next] as $other) {
                if (0 === --$waiting[$other]) {
                    $ready[$other] = true;
                }
            }
        }

        return $order;
    }

    /**
     * @param list<PlannedWork> $works
     *
     * @return array{array<int, int>, array<int, list<int>>} how many each waits for, and who waits for it
     */
    private static function constraints(array $works): array
    {
        $waiting = array_fill(0, \count($works), 0);
        $behind = array_fill(0, \count($works), []);
        $pairs = [];
        foreach ($works as $place => $work) {
            foreach ($works as $other => $second) {
                if ($place !== $other && self::isBefore($work, $second) && !isset($pairs[$other.'|'.$place])) {
                    $pairs[$place.'|'.$other] = true;
                    $behind[$place][] = $other;
                    ++$waiting[$other];
                }
            }
        }

        return [$waiting, $behind];
    }

    private static function isBefore(PlannedWork $work, PlannedWork $second): bool
    {
        return (null !== $work->opens && (\in_array($work->opens, $second->openings, true) || $work->opens === $second->closes))
            || (null !== $second->closes && (\in_array($second->closes, $work->openings, true) || (Opening::Cowl === $second->closes && null !== $work->closes)))
            || (null !== $work->closes && \in_array($work->closes, $second->shut, true));
    }
}
