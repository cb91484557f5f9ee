<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook;

/** Who entered a value, and on which day. */
final readonly class Entered
{
    public function __construct(public string $by, public \DateTimeImmutable $on)
    {
    }
}
