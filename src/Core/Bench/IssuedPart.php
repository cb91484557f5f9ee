<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

use FreshTack\Core\Plan\WorkId;

/** A part of a frozen order. */
final readonly class IssuedPart
{
    /**
     * @param list<string> $engines   that it is for, as the order calls them
     * @param WorkId|null  $firstUse  the operation that needs it first, at whichever engine
     * @param bool         $isLaidOut it lies at hand in case it is needed
     */
    public function __construct(
        public string $number,
        public array $engines,
        public ?WorkId $firstUse,
        public bool $isLaidOut = false,
    ) {
    }

    /** Whether an operation fits it, as the order has it. */
    public function isFittedBy(IssuedWork $work): bool
    {
        return !$this->isLaidOut && null !== $this->firstUse && $this->firstUse->at($work->work->position)->text === $work->work->id->text;
    }
}
