<?php

declare(strict_types=1);

namespace FreshTack\Core\Parts;

use FreshTack\Core\Order\Position;

/** One part number on an order: how many, for which engines, and what the shelf says. */
final readonly class PartLine
{
    /** @param non-empty-list<Position> $positions */
    public function __construct(
        public string $number,
        public int $count,
        public array $positions,
        public bool $singleUse,
        public string $why,
        public ?ShelfPart $shelf,
    ) {
    }

    /** How many pieces are missing on the shelf; all of them if the shop does not know the number. */
    public function short(): int
    {
        return max(0, $this->count - ($this->shelf->inStock ?? 0));
    }

    public function with(self $other): self
    {
        return new self($this->number, $this->count + $other->count, [...$this->positions, ...$other->positions], $this->singleUse || $other->singleUse, $this->why, $this->shelf);
    }
}
