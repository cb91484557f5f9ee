<?php

declare(strict_types=1);

namespace FreshTack\Core\Parts;

/**
 * Turns what operations fit into what is fetched: an old number leads to the one that took its place, equal numbers
 * become one line, and a kit takes the place of the pieces that it holds; nothing is counted twice.
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
        $offers = [];
        foreach ($shelf->kits() as $kit) {
            $offer = $this->offer($kit, $lines, \in_array($kit->number, $chosen, true));
            if (null !== $offer) {
                $offers[] = $offer;
                $lines = $offer->taken ? $this->taken($offer, $lines) : $lines;
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
     * As many kits as the piece of which the order needs the most kits asks for.
     *
     * @param array<array-key, PartLine> $lines
     */
    private function offer(ShelfPart $kit, array $lines, bool $taken): ?KitOffer
    {
        $needed = array_filter($kit->kit, static fn (KitLine $line): bool => isset($lines[$line->part]) && !$lines[$line->part]->atHand);
        $count = max([0, ...array_map(static fn (KitLine $line): int => intdiv($lines[$line->part]->count, $line->count), $needed)]);
        $count = [] === $needed ? 0 : max(1, $count);
        $covers = $over = [];
        $loose = 0;
        $short = false;
        foreach (0 === $count ? [] : $kit->kit as $line) {
            $wanted = \in_array($line, $needed, true) ? $lines[$line->part]->count : 0;
            $covers[$line->part] = min($wanted, $count * $line->count);
            $over[$line->part] = $count * $line->count - $covers[$line->part];
            $loose += $covers[$line->part] * ($lines[$line->part]->shelf->priceMinor ?? 0);
            $short = $short || ($wanted > 0 && $lines[$line->part]->short() > 0);
        }
        $offer = new KitOffer($kit, $count, array_filter($covers, self::isAny(...)), array_filter($over, self::isAny(...)), $count * ($kit->priceMinor ?? 0), $loose, $short && $kit->inStock >= $count, $taken);

        return $count > 0 && ($taken || $offer->short || ($offer->savesMinor() > 0 && null !== $kit->priceMinor && $kit->inStock >= $count)) ? $offer : null;
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
            $rest = $lines[$number]->less($count);
            if (null === $rest) {
                unset($lines[$number]);
            } else {
                $lines[$number] = $rest;
            }
        }
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
