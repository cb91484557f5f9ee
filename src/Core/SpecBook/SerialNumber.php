<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook;

final readonly class SerialNumber
{
    public function __construct(public string $prefix, public int $number)
    {
    }
}
