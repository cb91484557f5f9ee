<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench\Said;

/** How many went on of a part that was laid out in case it was needed. */
final readonly class PartUsed implements Detail
{
    /** @param int $count pieces; 0: it was not needed */
    public function __construct(public string $number, public int $count)
    {
    }

    public function asText(): string
    {
        return 0 === $this->count ? $this->number.' was not needed' : \sprintf('%d × %s went on', $this->count, $this->number);
    }
}
