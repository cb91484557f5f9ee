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
     * @param bool               $isCut      there were more ways to combine kits than can be tried
     */
    public function __construct(
        public ShelfPart $kit,
        public int $count,
        public array $covers,
        public array $leavesOver,
        public int $priceMinor,
        public int $looseMinor,
        public bool $short,
        public bool $taken,
        public bool $isCut = false,
    ) {
    }

    public function savesMinor(): int
    {
        return $this->looseMinor - $this->priceMinor;
    }

    public function reason(): string
    {
        $why = match (true) {
            $this->short => 'Some of its pieces are short on the shelf.',
            $this->savesMinor() > 0 => 'It costs less than its pieces.',
            default => 'With the other kits it costs less than the pieces.',
        };

        return $why.($this->isCut ? ' There are more ways to combine kits than were tried.' : '');
    }
}
