<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;

/** Open orders that froze a value which the book has changed since. */
interface OrderFlags
{
    /** @return OrderFlag with its number; one that waited for this engine and sheet is replaced */
    public function raise(OrderFlag $flag): OrderFlag;

    /** @return list<OrderFlag> that wait for a decision, by order */
    public function waiting(): array;

    /** @return list<OrderFlag> that wait for a decision on this order */
    public function ofOrder(int $number): array;

    /** @throws NotFound */
    public function get(int $id): OrderFlag;

    /**
     * Nobody else decides on it until the unit of work ends.
     *
     * @throws NotFound|Conflict if it was decided already
     */
    public function getToDecide(int $id): OrderFlag;

    /** @throws NotFound */
    public function decide(int $id, string $decision, string $reason, string $by, \DateTimeImmutable $at): void;
}
