<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

/** An operation of which something was done. */
final readonly class BegunWork
{
    /**
     * @param \DateTimeImmutable|null $lastAt when something of it was last done; null: nobody knows
     * @param string|null             $lastBy whose hands; null: nobody knows
     * @param bool                    $isOver whether it has ended
     */
    public function __construct(
        public IssuedWork $work,
        public ?\DateTimeImmutable $lastAt,
        public ?string $lastBy,
        public bool $isOver = false,
    ) {
    }

    public function ended(): self
    {
        return new self($this->work, $this->lastAt, $this->lastBy, true);
    }
}
