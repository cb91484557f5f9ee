<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

/** What became of a part at one of the places where it was to go on. */
final readonly class PartAtEngine
{
    public string $number;

    /**
     * @param int|null   $fitted pieces that went on; null: nobody knows how many of a kit, or nobody has said yet
     * @param Entry|null $entry  where somebody said it, of a part that was laid out
     */
    public function __construct(
        public IssuedPart $part,
        public IssuedUse $use,
        public PartFate $fate,
        public ?int $fitted,
        public ?Entry $entry = null,
    ) {
        $this->number = $part->number;
    }
}
