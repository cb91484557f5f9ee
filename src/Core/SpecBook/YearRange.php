<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook;

/** Model years from and to, both included. */
final readonly class YearRange
{
    public function __construct(public int $from, public int $to)
    {
    }

    public function holds(int $year): bool
    {
        return $this->from <= $year && $year <= $this->to;
    }

    public function meets(self $other): bool
    {
        return $this->from <= $other->to && $other->from <= $this->to;
    }

    public function text(): string
    {
        return $this->from === $this->to ? (string) $this->from : $this->from.'–'.$this->to;
    }
}
