<?php

declare(strict_types=1);

namespace FreshTack\Core\Quantity;

final readonly class Minutes
{
    private function __construct(public int $count)
    {
    }

    /** @throws InvalidQuantity if the count is below zero */
    public static function of(int $count): self
    {
        return $count >= 0 ? new self($count) : throw InvalidQuantity::negative('A time', $count.' min');
    }

    /** Of a count that is known not to be below zero, such as a sum. */
    public static function count(int $minutes): self
    {
        return new self(max(0, $minutes));
    }

    public static function none(): self
    {
        return new self(0);
    }

    public function plus(self $other): self
    {
        return new self($this->count + $other->count);
    }

    /** How many more than the other; never below none. */
    public function beyond(self $other): self
    {
        return new self(max(0, $this->count - $other->count));
    }
}
