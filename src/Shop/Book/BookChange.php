<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

/** What an import does with one sheet, model or procedure. */
final readonly class BookChange
{
    /**
     * @param 'new'|'changed'|'same' $kind
     * @param Arrival|null           $arrival of a sheet that is new or changed
     */
    public function __construct(public string $name, public string $kind, public ?Arrival $arrival = null)
    {
    }
}
