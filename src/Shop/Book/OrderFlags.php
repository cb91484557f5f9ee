<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

use FreshTack\Shop\NotFound;

/** Open orders that froze a value which the book has changed since. */
interface OrderFlags
{
    public function raise(OrderFlag $flag): void;

    /** @return list<OrderFlag> that wait for a decision, by order */
    public function waiting(): array;

    /** @return list<OrderFlag> that wait for a decision on this order */
    public function ofOrder(int $number): array;

    /** @throws NotFound */
    public function get(int $id): OrderFlag;

    /** @throws NotFound */
    public function decide(int $id, string $decision, string $reason, string $by, \DateTimeImmutable $at): void;
}
