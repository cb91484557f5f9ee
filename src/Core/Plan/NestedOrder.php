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
        usort($works, static fn (PlannedWork $a, PlannedWork $b): int => $a->standing->rank <=> $b->standing->rank);
        [$opening, $closing, $behind, $shut] = self::byOpening($works);
        $waits = new Waits(\count($works));
        $pairs = [];
        foreach (Opening::cases() as $case) {
            $key = $case->value;
            $pairs[] = [$opening[$key] ?? [], [...$behind[$key] ?? [], ...$closing[$key] ?? []]];
            $pairs[] = [$behind[$key] ?? [], $closing[$key] ?? []];
            $pairs[] = [$closing[$key] ?? [], $shut[$key] ?? []];
        }
        $pairs[] = [array_keys(array_filter($works, self::isBeforeCowl(...))), $closing[Opening::Cowl->value] ?? []];
        foreach ($pairs as [$firsts, $seconds]) {
            foreach ($firsts as $first) {
                foreach ($seconds as $second) {
                    if (!\in_array($second, $waits->before($first), true)) {
                        $waits->add($first, $second);
                    }
                }
            }
        }

        return array_map(static fn (int $place): PlannedWork => $works[$place], $waits->order());
    }

    private static function isBeforeCowl(PlannedWork $work): bool
    {
        return Opening::Cowl !== $work->changes->closes && !$work->changes->isMode();
    }

    /**
     * @param list<PlannedWork> $works
     *
     * @return list<array<string, list<int>>> by opening: who opens it, who closes it, works behind it, works that want it shut
     */
    private static function byOpening(array $works): array
    {
        $opening = $closing = $behind = $shut = [];
        foreach ($works as $place => $work) {
            foreach (array_filter([$work->changes->opens]) as $front) {
                $opening[$front->value][] = $place;
            }
            foreach (array_filter([$work->changes->closes]) as $front) {
                $closing[$front->value][] = $place;
            }
            foreach ($work->needs->open as $front) {
                $behind[$front->value][] = $place;
            }
            foreach ($work->needs->shut as $front) {
                $shut[$front->value][] = $place;
            }
        }

        return [$opening, $closing, $behind, $shut];
    }
}
