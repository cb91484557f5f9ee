<?php

declare(strict_types=1);

namespace FreshTack\Core\Fluid;

use FreshTack\Core\Quantity\Volume;

/**
 * Which containers to pull for a need, exactly. Opened ones are emptied first; if they are not enough, the cheapest new
 * ones cover the rest. Of equally cheap sets the one that leaves least over, then the one of fewest containers. Sizes
 * count rounded down to whole millilitres, the need rounded up.
 *
 * Works chunk by chunk (one, two, four … of a size) over the totals that can be reached; a total that covers the need is
 * never added to, since one container more could only cost more, or leave more over.
 */
final readonly class ContainerPlanner
{
    /** Millilitres: no rig takes as much in one visit. */
    public const MOST_ML = 100_000;
    /** New ones, and as many opened ones. */
    public const MOST_SIZES = 12;
    /** A cost and a count in one number, so that the smaller one is the better set. */
    private const COUNTS = 1_000_000;

    /**
     * @param list<Container> $shelf
     *
     * @throws ShelfTooShort if all that stands on the shelf does not cover the need, or there is more than can be worked out
     */
    public function plan(Volume $need, array $shelf): ContainerPlan
    {
        $needMl = $need->millilitresUp();
        $opened = self::opened($shelf);
        $new = self::whole($shelf, $needMl);
        if ($needMl > self::MOST_ML) {
            throw ShelfTooShort::tooMuchAtOnce(self::MOST_ML);
        }
        if (max(\count($opened), \count($new)) > self::MOST_SIZES) {
            throw ShelfTooShort::tooManySizes(self::MOST_SIZES);
        }
        $inOpened = array_sum(array_column($opened, 1));
        if ($inOpened >= $needMl) {
            return $this->covering($opened, $needMl) ?? throw new \LogicException('All of them cover it.');
        }
        $rest = $this->covering($new, $needMl - $inOpened) ?? throw ShelfTooShort::by($needMl, self::onShelf($shelf));
        $emptied = array_map(static fn (array $choice): ContainerPick => new ContainerPick($choice[0], 1, true), $opened);

        return new ContainerPlan([...$emptied, ...$rest->picks], $inOpened + $rest->totalMl, $rest->leftOverMl, $rest->costMinor);
    }

    /**
     * @param list<Container> $shelf
     *
     * @return list<array{Container, int, int, bool}> container, ml in it, how many at most, opened
     */
    private static function opened(array $shelf): array
    {
        $opened = [];
        foreach ($shelf as $container) {
            $ml = $container->opened?->millilitresDown() ?? 0;
            if ($ml > 0) {
                $opened[] = [$container, $ml, 1, true];
            }
        }

        return $opened;
    }

    /**
     * @param list<Container> $shelf
     *
     * @return list<array{Container, int, int, bool}> likewise, from the largest
     */
    private static function whole(array $shelf, int $needMl): array
    {
        $whole = [];
        foreach ($shelf as $container) {
            $ml = $container->size->millilitresDown();
            $most = $ml > 0 ? min($container->inStock ?? \PHP_INT_MAX, intdiv($needMl + $ml - 1, $ml)) : 0;
            if ($most > 0) {
                $whole[] = [$container, $ml, $most, false];
            }
        }
        usort($whole, static fn (array $a, array $b): int => $b[1] <=> $a[1]);

        return $whole;
    }

    /**
     * @param list<array{Container, int, int, bool}> $choices
     *
     * @return ContainerPlan|null null if all of them do not cover it
     */
    private function covering(array $choices, int $needMl): ?ContainerPlan
    {
        $best = $needMl <= 0 ? [0, 0, []] : null;
        /** @var array<int, int> $reached total in ml that does not cover yet → cost and count */
        $reached = [0 => 0];
        /** @var array<int, array<int, true>> $taken by chunk: totals that are best reached with it */
        $taken = [];
        $chunks = self::chunks($choices);
        foreach ($needMl <= 0 ? [] : $chunks as $number => [$place, $count]) {
            [$container, $ml, , $isOpened] = $choices[$place];
            $worth = $count * (($isOpened ? 0 : $container->priceMinor) * self::COUNTS + 1);
            $next = [];
            foreach ($reached as $total => $cost) {
                $sum = $total + $count * $ml;
                $offer = $cost + $worth;
                if ($sum >= $needMl) {
                    $found = [intdiv($offer, self::COUNTS), $sum, $offer % self::COUNTS];
                    if (null === $best || $found < [intdiv($best[0], self::COUNTS), $best[1], $best[0] % self::COUNTS]) {
                        $best = [$offer, $sum, [$number, $total]];
                    }
                } elseif (!isset($reached[$sum]) || $offer < $reached[$sum]) {
                    $next[$sum] = $offer;
                }
            }
            foreach ($next as $sum => $offer) {
                $reached[$sum] = $offer;
                $taken[$number][$sum] = true;
            }
        }

        return null === $best ? null : self::planOf($best, $needMl, $choices, $chunks, $taken);
    }

    /**
     * @param array{int, int, array{int, int}|array{}}   $best    cost and count, total, and the last chunk on top of which total
     * @param list<array{Container, int, int, bool}>     $choices
     * @param list<array{int, int}>                      $chunks
     * @param array<int, array<int, true>>               $taken
     */
    private static function planOf(array $best, int $needMl, array $choices, array $chunks, array $taken): ContainerPlan
    {
        [$cost, $total, $last] = $best;
        $counts = [];
        if ([] !== $last) {
            [$number, $below] = $last;
            $counts[$chunks[$number][0]] = $chunks[$number][1];
            while (--$number >= 0) {
                if (isset($taken[$number][$below])) {
                    [$place, $count] = $chunks[$number];
                    $counts[$place] = ($counts[$place] ?? 0) + $count;
                    $below -= $count * $choices[$place][1];
                }
            }
        }
        ksort($counts);
        $picks = array_map(
            static fn (int $place, int $count): ContainerPick => new ContainerPick($choices[$place][0], $count, $choices[$place][3]),
            array_keys($counts),
            $counts,
        );

        return new ContainerPlan($picks, $total, $total - $needMl, intdiv($cost, self::COUNTS));
    }

    /**
     * @param list<array{Container, int, int, bool}> $choices
     *
     * @return list<array{int, int}> which choice, and how many of it: 1, 2, 4 … and what is left of its most
     */
    private static function chunks(array $choices): array
    {
        $chunks = [];
        foreach ($choices as $place => [, , $most]) {
            for ($count = 1; $most > 0; $count *= 2) {
                $chunks[] = [$place, min($count, $most)];
                $most -= $count;
            }
        }

        return $chunks;
    }

    /** @param list<Container> $shelf */
    private static function onShelf(array $shelf): int
    {
        return array_sum(array_map(static fn (Container $container): int => $container->size->millilitresDown() * ($container->inStock ?? 0) + ($container->opened?->millilitresDown() ?? 0), $shelf));
    }
}
