<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

use FreshTack\Core\SpecBook\SheetHead;

/** What the work would be on an engine of this sheet's serial numbers. */
final readonly class QuoteSide
{
    /** @param array<mixed> $work a work order document that is never kept */
    public function __construct(public SheetHead $head, public array $work)
    {
    }
}
