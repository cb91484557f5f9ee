<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

use FreshTack\Shop\NotFound;

/** Values that were filled in on an order and wait to be taken into the book. */
interface Proposals
{
    public function raise(Proposal $proposal): void;

    /** @return list<Proposal> oldest first */
    public function waiting(): array;

    /** @throws NotFound */
    public function get(int $id): Proposal;

    /** @throws NotFound */
    public function settle(int $id, string $outcome, string $by, \DateTimeImmutable $at): void;
}
