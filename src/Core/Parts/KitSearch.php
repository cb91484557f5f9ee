<?php

declare(strict_types=1);

namespace FreshTack\Core\Parts;

/**
 * How many of which kits leave the least short, and then cost the least, the loose pieces that are still needed counted
 * in: all counts of all kits that share pieces are tried together. A piece is what its number is today, in the order
 * and in the kit; where another maker's part would stand in for one that is short, it is counted for it.
 */
final class KitSearch
{
    /** Ways that are tried for kits that share pieces; beyond it the best so far counts, and it is said. */
    public const MOST_TRIED = 50_000;
    /** A kit that nobody has priced is worth taking only for what is short. */
    private const NO_PRICE = 1_000_000_000_000;

    private int $tried = 0;
    /** @var array{int, int, int} short, cost, kits */
    private array $best = [\PHP_INT_MAX, 0, 0];
    /** @var array<int, int> by kit */
    private array $found = [];

    /**
     * @param list<ShelfPart>                            $kits   that share pieces
     * @param list<array<array-key, int>>                $holds  of each: pieces by number
     * @param array<array-key, PartLine>                 $lines  the pieces that are needed
     * @param list<int>                                  $least  of each kit
     */
    private function __construct(
        private readonly array $kits,
        private readonly array $holds,
        private readonly array $lines,
        private readonly array $least,
        private readonly PartsShelf $shelf,
        private readonly bool $others,
    ) {
    }

    /**
     * @param list<ShelfPart>            $kits   that may be taken
     * @param array<array-key, PartLine> $lines  what is needed
     * @param list<string>               $taken  numbers of kits of which at least one is
     * @param bool                       $others whether another maker's part may stand in for one that is short
     *
     * @return array{array<array-key, int>, bool} counts by number of the kit, and whether not all ways could be tried
     */
    public static function best(array $kits, array $lines, array $taken, PartsShelf $shelf, bool $others): array
    {
        $counts = [];
        $isCut = false;
        $loose = array_filter($lines, static fn (PartLine $line): bool => !$line->atHand);
        foreach (self::sharing($kits, $loose, $shelf) as $group) {
            $search = new self(
                array_column($group, 0),
                array_column($group, 1),
                array_intersect_key($loose, array_replace(...array_column($group, 1))),
                array_map(static fn (array $each): int => \in_array($each[0]->number, $taken, true) ? 1 : 0, $group),
                $shelf,
                $others,
            );
            $search->from(0, []);
            foreach ($search->found as $place => $count) {
                $counts[$group[$place][0]->number] = $count;
            }
            $isCut = $isCut || $search->tried >= self::MOST_TRIED;
        }

        return [$counts, $isCut];
    }

    /** @return array<array-key, int> pieces that a kit holds, by their numbers of today */
    public static function holds(ShelfPart $kit, PartsShelf $shelf): array
    {
        $holds = [];
        foreach ($kit->kit as $line) {
            $chain = $shelf->chain($line->part);
            $number = $chain[\count($chain) - 1];
            $holds[$number] = ($holds[$number] ?? 0) + $line->count;
        }

        return $holds;
    }

    /**
     * @param list<ShelfPart>            $kits
     * @param array<array-key, PartLine> $loose
     *
     * @return list<non-empty-list<array{ShelfPart, array<array-key, int>}>> kits that hold something needed, with it, those together that share a piece
     */
    private static function sharing(array $kits, array $loose, PartsShelf $shelf): array
    {
        $groups = [];
        foreach ($kits as $kit) {
            $needed = array_intersect_key(self::holds($kit, $shelf), $loose);
            if ([] === $needed) {
                continue;
            }
            $joined = [[$kit, $needed]];
            foreach ($groups as $place => $group) {
                if ([] !== array_filter($group, static fn (array $other): bool => [] !== array_intersect_key($other[1], $needed))) {
                    $joined = [...$group, ...$joined];
                    unset($groups[$place]);
                }
            }
            $groups[] = $joined;
        }

        return array_values($groups);
    }

    /** @param array<int, int> $counts of the kits before this one */
    private function from(int $place, array $counts): void
    {
        if ($this->tried >= self::MOST_TRIED) {
            return;
        }
        if (!isset($this->kits[$place])) {
            ++$this->tried;
            $worth = $this->worth($counts);
            [$this->best, $this->found] = $worth < $this->best ? [$worth, $counts] : [$this->best, $this->found];

            return;
        }
        $most = $this->least[$place];
        foreach ($this->holds[$place] as $number => $held) {
            $most = max($most, intdiv($this->lines[$number]->count + $held - 1, $held));
        }
        for ($count = $this->least[$place]; $count <= $most; ++$count) {
            if (0 === $this->best[0] && $this->price($counts) + $this->priceOf($place) * $count > $this->best[1]) {
                return;
            }
            $this->from($place + 1, [...$counts, $count]);
        }
    }

    /**
     * @param array<int, int> $counts
     *
     * @return array{int, int, int} short, cost, kits
     */
    private function worth(array $counts): array
    {
        $short = 0;
        $cost = $this->price($counts);
        foreach ($counts as $place => $count) {
            $wanted = $count + ($this->lines[$this->kits[$place]->number]->count ?? 0);
            $short += $count > 0 ? max(0, $wanted - $this->kits[$place]->inStock) : 0;
        }
        foreach ($this->lines as $number => $line) {
            $rest = $line->count;
            foreach ($counts as $place => $count) {
                $rest -= $count * ($this->holds[$place][$number] ?? 0);
            }
            if ($rest > 0) {
                $missing = max(0, $rest - ($line->shelf->inStock ?? 0));
                $other = $this->others && $missing > 0 ? $this->shelf->substitute((string) $number, $rest) : null;
                $short += null === $other ? $missing : 0;
                $cost += $rest * (($other ?? $line->shelf)->priceMinor ?? 0);
            }
        }

        return [$short, $cost, array_sum($counts)];
    }

    /** @param array<int, int> $counts */
    private function price(array $counts): int
    {
        return array_sum(array_map(fn (int $place, int $count): int => $count * $this->priceOf($place), array_keys($counts), $counts));
    }

    private function priceOf(int $place): int
    {
        return $this->kits[$place]->priceMinor ?? self::NO_PRICE;
    }
}
