<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

final readonly class SheetArrived
{
    /** @param 'new'|'changed'|'same' $kind */
    public function __construct(public string $kind, public Revision $revision)
    {
    }
}
