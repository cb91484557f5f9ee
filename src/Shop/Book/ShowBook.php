<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

final readonly class ShowBook
{
    private const MOST = 300;

    public function __construct(private Revisions $revisions, private Refusals $refusals, private ListHoles $holes, private Proposals $proposals, private OrderFlags $flags, private ShowRanges $ranges)
    {
    }

    /** @param string $text the beginning of a sheet's name, a maker or a model; empty: all */
    public function __invoke(string $text): BookOverview
    {
        return new BookOverview($this->revisions->search($text, self::MOST), $this->refusals->waiting(), ($this->holes)(), $this->proposals->waiting(), $this->flags->waiting(), ($this->ranges)());
    }
}
