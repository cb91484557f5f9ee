<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

use FreshTack\Core\SpecBook\RangeReport;

/** The book at a glance: its sheets, and all that waits for the service manager. */
final readonly class BookOverview
{
    /**
     * @param list<RevisionLine>   $sheets
     * @param list<WaitingRefusal> $refusals
     * @param list<SheetHole>      $holes
     * @param list<Proposal>       $proposals
     * @param list<OrderFlag>      $flags
     */
    public function __construct(public array $sheets, public array $refusals, public array $holes, public array $proposals, public array $flags, public RangeReport $ranges)
    {
    }
}
