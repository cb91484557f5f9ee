<?php

declare(strict_types=1);

namespace FreshTack\Shop\TakenBack;

use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;

/** What was removed from the register, whole. */
interface RemovedThings
{
    /** @return list<Removed> the newest first */
    public function newest(int $most): array;

    /** Keeps it before it is removed. */
    public function keep(RemovedKind $kind, int $ref, string $name, string $by, \DateTimeImmutable $at): void;

    /**
     * Keeps a customer who is joined with another one: the boats go to that one, and come back with the customer.
     *
     * @param list<int> $boatIds
     */
    public function keepJoined(int $customerId, int $into, array $boatIds, string $name, string $by, \DateTimeImmutable $at): void;

    /** @throws NotFound|Conflict if it was brought back already, or another one has its serial number by now */
    public function bringBack(int $id): Removed;
}
