<?php

declare(strict_types=1);

namespace FreshTack\Shop\Bench;

use FreshTack\Core\Bench\Entry;

/** An entry with what the log keeps beside it: the value as it was sent, and the tablet's own count and clock. */
final readonly class StoredEntry
{
    /** @param array<mixed> $value as sent */
    public function __construct(public Entry $entry, public array $value, public int $deviceSequence, public ?\DateTimeImmutable $deviceAt)
    {
    }

    /** With what the shop has found out about it. */
    public function of(Entry $entry): self
    {
        return new self($entry, $this->value, $this->deviceSequence, $this->deviceAt);
    }
}
