<?php

declare(strict_types=1);

namespace FreshTack\Core\Parts;

/** A kit that holds pieces of an order, for less money or because loose ones are short. */
final readonly class KitOffer
{
    /**
     * @param int                $count      kits
     * @param array<array-key, int> $covers     pieces of the order that come out of them, by part number
     * @param array<array-key, int> $leavesOver pieces that nobody needs here, by part number
     * @param int                $priceMinor of the kits, in the smallest coin
     * @param int                $looseMinor of the pieces that they cover
     * @param bool               $short      some of those pieces are short on the shelf
     * @param bool               $taken      the order takes it
     */
    public function __construct(public ShelfPart $kit, public int $count, public array $covers, public array $leavesOver, public int $priceMinor, public int $looseMinor, public bool $short, public bool $taken)
    {
    }

    public function savesMinor(): int
    {
        return $this->looseMinor - $this->priceMinor;
    }

    public function reason(): string
    {
        return $this->short ? 'Some of its pieces are short on the shelf.' : 'It costs less than its pieces.';
    }
}
