<?php

declare(strict_types=1);

namespace FreshTack\Core\Parts;

/** A part number that the shop knows, with what stands on the shelf. */
final readonly class ShelfPart
{
    /**
     * @param int|null      $priceMinor   of one piece, in the smallest coin; null: not known
     * @param string|null   $supersededBy the number that took its place
     * @param list<KitLine> $kit          what it holds, if it is a kit
     * @param int           $onOrder      pieces that are on their way
     * @param \DateTimeImmutable|null $arrivesOn     the day on which they are expected; null: nobody knows
     * @param string|null   $substituteFor the maker's number that it may stand in for
     */
    public function __construct(public string $number, public string $description, public string $bin, public int $inStock, public ?int $priceMinor = null, public ?string $supersededBy = null, public array $kit = [], public int $onOrder = 0, public ?\DateTimeImmutable $arrivesOn = null, public ?string $substituteFor = null)
    {
    }
}
