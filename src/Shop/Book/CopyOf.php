<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

final readonly class CopyOf
{
    public function __construct(public string $sheet, public int $revision)
    {
    }
}
