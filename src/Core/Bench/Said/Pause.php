<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench\Said;

use FreshTack\Core\Bench\ParkCause;

/** What a parked order waits for. */
final readonly class Pause implements Detail
{
    /** @param \DateTimeImmutable|null $until when it is to go on; null: nobody knows */
    public function __construct(private ParkCause $cause, private string $text, public ?\DateTimeImmutable $until)
    {
    }

    public function why(): string
    {
        return $this->cause->label().('' === $this->text ? '' : ', '.$this->text);
    }

    public function asText(): string
    {
        return 'parked: '.$this->why();
    }
}
