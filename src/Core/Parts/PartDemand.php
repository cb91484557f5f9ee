<?php

declare(strict_types=1);

namespace FreshTack\Core\Parts;

use FreshTack\Core\Plan\Position;

/** A part that one operation fits. */
final readonly class PartDemand
{
    /**
     * @param bool   $atHand    laid out in case it is needed
     * @param string $operation id of the operation that fits it
     */
    public function __construct(
        public string $number,
        public int $count,
        public Position $position,
        public bool $singleUse,
        public bool $atHand,
        public string $why,
        public string $operation = '',
    ) {
    }

    public function less(int $count): self
    {
        return new self(
            $this->number,
            $this->count - $count,
            $this->position,
            $this->singleUse,
            $this->atHand,
            $this->why,
            $this->operation,
        );
    }
}
