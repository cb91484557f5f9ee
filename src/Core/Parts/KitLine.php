<?php

declare(strict_types=1);

namespace FreshTack\Core\Parts;

final readonly class KitLine
{
    public function __construct(public string $part, public int $count)
    {
    }
}
