<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use FreshTack\Core\Plan\Position;
use FreshTack\Core\Quantity\Volume;

/** One operation at one engine that takes a lubricant. */
final readonly class LubricantUse
{
    /**
     * @param Volume|null $amount  null: the sheet gives none
     * @param int         $strokes of the grease gun, as far as the sheet counts them
     */
    public function __construct(
        public string $name,
        public Position $position,
        public OrderedOperation $operation,
        public ?Volume $amount,
        public int $strokes = 0,
    ) {
    }

    /** An engine is filled once, however many operations name what goes in. */
    public function uncounted(): self
    {
        return new self($this->name, $this->position, $this->operation, null, $this->strokes);
    }
}
