<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

/** What an import does with one sheet, model or procedure. */
final readonly class BookChange
{
    /** @param 'new'|'changed'|'same' $kind */
    public function __construct(public string $name, public string $kind)
    {
    }
}
