<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook;

/** Serial numbers from and to, both included, of one prefix. */
final readonly class SerialRange
{
    public function __construct(public string $prefix, public int $from, public int $to)
    {
    }

    public function holds(SerialNumber $serial): bool
    {
        return $this->prefix === $serial->prefix && $this->from <= $serial->number && $serial->number <= $this->to;
    }

    public function meets(self $other): bool
    {
        return $this->prefix === $other->prefix && $this->from <= $other->to && $other->from <= $this->to;
    }

    public function text(): string
    {
        return \sprintf('%s%d – %d', $this->prefix, $this->from, $this->to);
    }
}
