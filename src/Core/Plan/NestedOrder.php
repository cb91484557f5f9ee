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
        foreach (self::pairs($works) as [$place, $other]) {
            $behind[$place][] = $other;
            ++$waiting[$other];
        }

        return [$waiting, $behind];
    }

    /**
     * @param list<PlannedWork> $works
     *
     * @return array<string, array{int, int}> first and second, each pair once
     */
    private static function pairs(array $works): array
    {
        [$opening, $closing, $behind, $shut, $closers] = self::byOpening($works);
        $crossed = [[$closers, $closing[Opening::Cowl->value] ?? []]];
        foreach (Opening::cases() as $case) {
            $key = $case->value;
            $crossed[] = [$opening[$key] ?? [], $behind[$key] ?? []];
            $crossed[] = [$opening[$key] ?? [], $closing[$key] ?? []];
            $crossed[] = [$behind[$key] ?? [], $closing[$key] ?? []];
            $crossed[] = [$closing[$key] ?? [], $shut[$key] ?? []];
        }
        $pairs = [];
        foreach ($crossed as [$firsts, $seconds]) {
            foreach ($firsts as $first) {
                foreach ($seconds as $second) {
                    if ($first !== $second && !isset($pairs[$second.'|'.$first])) {
                        $pairs[$first.'|'.$second] = [$first, $second];
                    }
                }
            }
        }

        return $pairs;
    }

    /**
     * @param list<PlannedWork> $works
     *
     * @return array{array<string, list<int>>, array<string, list<int>>, array<string, list<int>>, array<string, list<int>>, list<int>} by opening: who opens and closes it, works behind it, wants it shut; and all that close something
     */
    private static function byOpening(array $works): array
    {
        $opening = $closing = $behind = $shut = $closers = [];
        foreach ($works as $place => $work) {
            if (null !== $work->opens) {
                $opening[$work->opens->value][] = $place;
            }
            if (null !== $work->closes) {
                $closing[$work->closes->value][] = $place;
                $closers[] = $place;
            }
            foreach ($work->openings as $front) {
                $behind[$front->value][] = $place;
            }
            foreach ($work->shut as $front) {
                $shut[$front->value][] = $place;
            }
        }

        return [$opening, $closing, $behind, $shut, $closers];
    }
}
