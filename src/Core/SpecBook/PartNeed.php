<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook;

/** A part by its number, and how many of it one engine takes. */
final readonly class PartNeed
{
    public function __construct(public string $number, public int $count)
    {
    }
}
