<?php

declare(strict_types=1);

namespace FreshTack\Core\Parts;

use FreshTack\Core\Plan\Position;

/** One part number on an order: how many, for which engines, and what the shelf says. */
final readonly class PartLine
{
    /**
     * @param int                      $count     pieces
     * @param non-empty-list<Position> $positions
     * @param list<string>             $instead   older numbers, from the sheet's to the last before this one
     * @param bool                     $atHand    laid out in case it is needed
     * @param string                   $firstUse  id of the operation that needs it first
     * @param string|null              $standsFor the maker's number that this one, not the maker's, stands in for
     * @param list<PartDemand>         $demands   what asks for it, in the order of the work; of a kit, for the pieces in it
     */
    public function __construct(
        public string $number,
        public int $count,
        public array $positions,
        public bool $singleUse,
        public string $why,
        public ?ShelfPart $shelf,
        public array $instead = [],
        public bool $atHand = false,
        public string $firstUse = '',
        public ?string $standsFor = null,
        public array $demands = [],
    ) {
    }

    /** How many pieces are missing on the shelf; all of them if the shop does not know the number. */
    public function short(): int
    {
        return max(0, $this->count - ($this->shelf->inStock ?? 0));
    }

    /**
     * The day on which what is short is expected; null: nothing is short, or nobody knows.
     *
     * @param \DateTimeImmutable|null $today a day before it is overdue, and nobody knows; null: not asked
     */
    public function arrivesOn(?\DateTimeImmutable $today = null): ?\DateTimeImmutable
    {
        $short = $this->short();
        $day = $short > 0 && ($this->shelf->onOrder ?? 0) >= $short ? $this->shelf?->arrivesOn : null;

        return null !== $today && null !== $day && $day->format('Y-m-d') < $today->format('Y-m-d') ? null : $day;
    }

    /** Another maker's part in its place. */
    public function replacedBy(ShelfPart $substitute): self
    {
        return new self(
            $substitute->number,
            $this->count,
            $this->positions,
            $this->singleUse,
            \sprintf(
                '%s Not the maker\'s: it stands in for %s, which is short; the shop\'s policy allows approved others. '
                    .'Tell the owner of an engine under warranty before it is fitted.',
                $this->why,
                $this->number,
            ),
            $substitute,
            [],
            $this->atHand,
            $this->firstUse,
            $this->number,
            $this->demands,
        );
    }

    public function with(self $other): self
    {
        return new self(
            $this->number,
            $this->count + $other->count,
            self::once([...$this->positions, ...$other->positions]),
            $this->singleUse || $other->singleUse,
            $this->why,
            $this->shelf,
            [] === $this->instead ? $other->instead : $this->instead,
            $this->atHand && $other->atHand,
            $this->firstUse,
            demands: [...$this->demands, ...$other->demands],
        );
    }

    /** What is still to be fetched loose once so many come out of kits; null: nothing. */
    public function less(int $count): ?self
    {
        return $count >= $this->count ? null : new self(
            $this->number,
            $this->count - $count,
            $this->positions,
            $this->singleUse,
            $this->why,
            $this->shelf,
            $this->instead,
            $this->atHand,
            $this->firstUse,
            $this->standsFor,
            $this->loose($count),
        );
    }

    /** @return list<PartDemand> what is left to ask for once the first pieces come out of kits */
    private function loose(int $count): array
    {
        $left = [];
        foreach ($this->demands as $demand) {
            $taken = min($count, $demand->count);
            $count -= $taken;
            $left = $taken === $demand->count ? $left : [...$left, $demand->less($taken)];
        }

        return $left;
    }

    /**
     * @param non-empty-list<Position> $positions
     *
     * @return non-empty-list<Position> each of them once
     */
    public static function once(array $positions): array
    {
        return array_values(array_column(array_map(static fn (Position $position): array => [$position->value, $position], $positions), 1, 0));
    }
}
