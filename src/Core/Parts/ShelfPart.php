<?php

declare(strict_types=1);

namespace FreshTack\Core\Parts;

final readonly class ShelfPart
{
    public function __construct(public string $number, public string $description, public string $bin, public int $inStock)
    {
    }
}
