<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;

/** Values that were filled in on an order and wait to be taken into the book. */
interface Proposals
{
    /** @return int its number */
    public function raise(Proposal $proposal): int;

    /** @return list<Proposal> oldest first */
    public function waiting(): array;

    /**
     * Nobody else decides on it until the unit of work ends.
     *
     * @throws NotFound|Conflict if it was decided already
     */
    public function getToDecide(int $id): Proposal;

    /** @throws NotFound */
    public function settle(int $id, string $outcome, string $by, \DateTimeImmutable $at): void;
}
