<?php

declare(strict_types=1);

namespace FreshTack\Core\Parts;

/**
 * Turns what operations fit into what is fetched: an old number leads to the one that took its place, equal numbers
 * become one line, and a kit takes the place of the pieces that it holds; nothing is counted twice. Of kits that share
 * pieces the counts are found together (`KitSearch`).
 */
final readonly class PartsPlanner
{
    /**
     * @param list<PartDemand> $demands
     * @param list<string>     $chosen  numbers of kits to take
     * @param bool             $others  whether another maker's part may stand in for one that is short
     */
    public function plan(array $demands, PartsShelf $shelf, array $chosen, bool $others = false): PartsPlan
    {
        $lines = [];
        foreach ($demands as $demand) {
            $line = $this->line($demand, $shelf);
            $lines[$line->number] = isset($lines[$line->number]) ? $lines[$line->number]->with($line) : $line;
        }
        $kits = $shelf->kits();
        $current = array_map(static fn (string $number): string => $shelf->chain($number)[\count($shelf->chain($number)) - 1], $chosen);
        $taken = array_values(array_filter($kits, static fn (ShelfPart $kit): bool => \in_array($kit->number, $current, true)));
        [$counts, $isCut] = KitSearch::best($taken, $lines, $current, $shelf, $others);
        [$worth, $isCutToo] = KitSearch::best($kits, $lines, $current, $shelf, $others);
        $offers = [];
        $open = $lines;
        foreach ($kits as $kit) {
            $isTaken = ($counts[$kit->number] ?? 0) > 0;
            $count = $isTaken ? $counts[$kit->number] : $worth[$kit->number] ?? 0;
            $offer = 0 === $count ? null : self::offer($kit, $count, $isTaken ? $lines : $open, $shelf, $isTaken, $isCut || $isCutToo);
            if (null !== $offer) {
                $offers[] = $offer;
                $lines = $isTaken ? $this->taken($offer, $lines) : $lines;
                $open = self::without($offer, $open);
            }
        }

        return new PartsPlan(array_map(static fn (PartLine $line): PartLine => $others ? self::substituted($line, $shelf) : $line, array_values($lines)), $offers);
    }

    private static function substituted(PartLine $line, PartsShelf $shelf): PartLine
    {
        $substitute = $line->short() > 0 ? $shelf->substitute($line->number, $line->count) : null;

        return null === $substitute ? $line : $line->replacedBy($substitute);
    }

    private function line(PartDemand $demand, PartsShelf $shelf): PartLine
    {
        $chain = $shelf->chain($demand->number);
        $current = $chain[\count($chain) - 1];

        return new PartLine(
            $current,
            $demand->count,
            [$demand->position],
            $demand->singleUse,
            $demand->why,
            $shelf->find($current),
            \array_slice($chain, 0, -1),
            $demand->atHand,
            $demand->operation,
            demands: [$demand],
        );
    }

    /**
     * @param array<array-key, PartLine> $lines what is still needed
     *
     * @return KitOffer|null null: it would hold nothing that is still needed
     */
    private static function offer(ShelfPart $kit, int $count, array $lines, PartsShelf $shelf, bool $taken, bool $isCut): ?KitOffer
    {
        $covers = $over = [];
        $loose = 0;
        $short = false;
        foreach (KitSearch::holds($kit, $shelf) as $number => $held) {
            $line = $lines[$number] ?? null;
            $wanted = null === $line || $line->atHand ? 0 : $line->count;
            $covers[$number] = min($wanted, $count * $held);
            $over[$number] = $count * $held - $covers[$number];
            $loose += $covers[$number] * ($line->shelf->priceMinor ?? 0);
            $short = $short || ($wanted > 0 && $line->short() > 0);
        }
        $covers = array_filter($covers, self::isAny(...));

        return [] === $covers ? null : new KitOffer(
            $kit,
            $count,
            $covers,
            array_filter($over, self::isAny(...)),
            $count * ($kit->priceMinor ?? 0),
            $loose,
            $short && $kit->inStock >= $count,
            $taken,
            $isCut,
        );
    }

    /**
     * @param array<array-key, PartLine> $lines
     *
     * @return array<array-key, PartLine> what is still needed once these kits are taken
     */
    private static function without(KitOffer $offer, array $lines): array
    {
        foreach ($offer->covers as $number => $count) {
            $rest = isset($lines[$number]) ? $lines[$number]->less($count) : null;
            if (null === $rest) {
                unset($lines[$number]);
            } else {
                $lines[$number] = $rest;
            }
        }

        return $lines;
    }

    private static function isAny(int $count): bool
    {
        return $count > 0;
    }

    /**
     * @param array<array-key, PartLine> $lines
     *
     * @return array<array-key, PartLine>
     */
    private function taken(KitOffer $offer, array $lines): array
    {
        $positions = $demands = [];
        $first = '';
        foreach ($offer->covers as $number => $count) {
            $first = '' === $first ? $lines[$number]->firstUse : $first;
            $positions = [...$positions, ...$lines[$number]->positions];
            $demands = [...$demands, ...$lines[$number]->demands];
        }
        $lines = self::without($offer, $lines);
        $held = implode(', ', array_map(static fn (int|string $number, int $count): string => $count.' × '.$number, array_keys($offer->covers), $offer->covers));
        $kit = $offer->kit->number;
        $line = new PartLine(
            $kit,
            $offer->count,
            PartLine::once([] === $positions ? throw new \LogicException('A kit that covers nothing is not taken.') : $positions),
            true,
            \sprintf('Kit in place of %s.', $held),
            $offer->kit,
            [],
            false,
            $first,
            demands: $demands,
        );
        $lines[$kit] = isset($lines[$kit]) ? $lines[$kit]->with($line) : $line;

        return $lines;
    }
}
