<?php

declare(strict_types=1);

namespace FreshTack\Shop\TakenBack;

use Psr\Clock\ClockInterface;

/** Keeps what is about to be removed from the register, with who and when. */
final readonly class Removals
{
    public function __construct(private RemovedThings $removed, private ClockInterface $clock)
    {
    }

    public function keep(RemovedKind $kind, int $ref, string $name, string $by): void
    {
        $this->removed->keep($kind, $ref, $name, $by, $this->clock->now());
    }

    /** @param list<int> $boatIds those that go to the other entry */
    public function keepJoined(int $customerId, int $into, array $boatIds, string $name, string $by): void
    {
        $this->removed->keepJoined($customerId, $into, $boatIds, $name, $by, $this->clock->now());
    }
}
