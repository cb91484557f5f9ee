<?php

declare(strict_types=1);

namespace FreshTack\Core\Fluid;

use FreshTack\Core\Quantity\Volume;

/**
 * The cheapest set of containers that covers a need, exactly: sizes count rounded down to whole millilitres, the
 * need rounded up. Of equally cheap sets the one that leaves least over, then the one of fewest containers.
 *
 * Works size by size over the totals that can be reached; a total that covers the need is never added to, since
 * one container more could only cost more, or leave more over.
 */
final readonly class ContainerPlanner
{
    /**
     * @param list<Container> $shelf
     *
     * @throws ShelfTooShort if all that stands on the shelf does not cover the need
     */
    public function plan(Volume $need, array $shelf): ContainerPlan
    {
        $needMl = $need->millilitresUp();
        /** @var array<int, array{int, int, list<ContainerPick>}> $reached total ml → [cost, containers, picks] */
        $reached = [0 => [0, 0, []]];
        foreach ($this->choices($shelf, $needMl) as $choice) {
            $reached = $this->extended($reached, $choice, $needMl);
        }
        $best = $this->best($reached, $needMl);
        if (null === $best) {
            throw ShelfTooShort::by($needMl, $this->onShelf($shelf));
        }
        [$cost, , $picks] = $reached[$best];

        return new ContainerPlan($picks, $best, $best - $needMl, $cost);
    }

    /**
     * Opened ones first, then the sizes from the largest.
     *
     * @param list<Container> $shelf
     *
     * @return list<array{Container, int, int, bool}> container, ml in one, how many at most, opened
     */
    private function choices(array $shelf, int $needMl): array
    {
        $opened = $whole = [];
        foreach ($shelf as $container) {
            $ml = $container->size->millilitresDown();
            if ($ml > 0) {
                $whole[] = [$container, $ml, min($container->inStock ?? \PHP_INT_MAX, intdiv($needMl + $ml - 1, $ml)), false];
            }
            $openedMl = $container->opened?->millilitresDown() ?? 0;
            if ($openedMl > 0) {
                $opened[] = [$container, $openedMl, 1, true];
            }
        }
        usort($whole, static fn (array $a, array $b): int => $b[1] <=> $a[1]);

        return [...$opened, ...$whole];
    }

    /**
     * @param array<int, array{int, int, list<ContainerPick>}> $reached
     * @param array{Container, int, int, bool}                 $choice
     *
     * @return array<int, array{int, int, list<ContainerPick>}>
     */
    private function extended(array $reached, array $choice, int $needMl): array
    {
        [$container, $ml, $most, $opened] = $choice;
        $price = $opened ? 0 : $container->priceMinor;
        $next = $reached;
        foreach ($reached as $total => [$cost, $count, $picks]) {
            for ($taken = 1; $taken <= $most && $total + ($taken - 1) * $ml < $needMl; ++$taken) {
                $sum = $total + $taken * $ml;
                $offer = [$cost + $taken * $price, $count + $taken];
                if (!isset($next[$sum]) || $offer < [$next[$sum][0], $next[$sum][1]]) {
                    $next[$sum] = [...$offer, [...$picks, new ContainerPick($container, $taken, $opened)]];
                }
            }
        }

        return $next;
    }

    /** @param array<int, array{int, int, list<ContainerPick>}> $reached */
    private function best(array $reached, int $needMl): ?int
    {
        $best = null;
        foreach ($reached as $total => [$cost, $count]) {
            if ($total >= $needMl && (null === $best || [$cost, $total, $count] < [$reached[$best][0], $best, $reached[$best][1]])) {
                $best = $total;
            }
        }

        return $best;
    }

    /** @param list<Container> $shelf */
    private function onShelf(array $shelf): int
    {
        return array_sum(array_map(static fn (Container $container): int => $container->size->millilitresDown() * ($container->inStock ?? 0) + ($container->opened?->millilitresDown() ?? 0), $shelf));
    }
}
