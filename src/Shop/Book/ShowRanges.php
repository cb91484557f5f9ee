<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

use FreshTack\Core\SpecBook\RangeReport;
use FreshTack\Core\SpecBook\SheetHead;
use FreshTack\Core\SpecBook\SheetStatus;

/** Overlaps and gaps between the ranges of published sheets, as they are and as they would be. */
final readonly class ShowRanges
{
    public function __construct(private SpecBook $book)
    {
    }

    public function __invoke(): RangeReport
    {
        return RangeReport::over($this->book->heads());
    }

    /** The sheet's share in the report if this revision were published in place of the one that is. */
    public function ifPublished(SheetHead $head): RangeReport
    {
        $others = array_filter($this->book->heads(), static fn (SheetHead $other): bool => $other->id !== $head->id);
        $published = new SheetHead($head->id, $head->revision, SheetStatus::Published, $head->maker, $head->models, $head->ranges, $head->years, $head->gearcases);

        return RangeReport::over([...array_values($others), $published])->of($head->id);
    }
}
