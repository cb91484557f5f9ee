<?php

declare(strict_types=1);

namespace FreshTack\Core\Parts;

/** A part as the shop's catalogue knows it. */
final readonly class CataloguePart
{
    /**
     * @param int           $priceMinor   of one piece, in the smallest coin
     * @param int           $packSize     pieces in a pack, as they are bought
     * @param string|null   $supersededBy the number that took this one's place
     * @param list<KitLine> $kit          what it holds, if it is a kit
     * @param int           $onOrder      pieces that are on their way
     * @param \DateTimeImmutable|null $arrivesOn     the day on which they are expected; null: nobody knows
     * @param string|null   $substituteFor the maker's number that it may stand in for, if it is another's
     */
    public function __construct(
        public string $number,
        public string $description,
        public string $maker,
        public Origin $origin,
        public int $packSize,
        public string $bin,
        public int $inStock,
        public int $priceMinor,
        public ?string $supersededBy = null,
        public array $kit = [],
        public int $onOrder = 0,
        public ?\DateTimeImmutable $arrivesOn = null,
        public ?string $substituteFor = null,
    ) {
    }

    public function isKit(): bool
    {
        return [] !== $this->kit;
    }
}
