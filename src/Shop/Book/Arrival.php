<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

use FreshTack\Core\SpecBook\RangeReport;
use FreshTack\Core\SpecBook\SheetStatus;

/** As what a sheet from a file arrives, and what would come of it once it is published. */
final readonly class Arrival
{
    /**
     * @param SheetStatus  $told      as the file says
     * @param string|null  $withdraws the published revision whose place it takes
     * @param RangeReport  $ranges    overlaps and gaps with what is published
     * @param list<string> $holes     values that its tasks need and nobody has given
     * @param list<string> $doubts    what is possible and seldom meant
     */
    public function __construct(
        public SheetStatus $status,
        public SheetStatus $told,
        public ?string $withdraws,
        public RangeReport $ranges,
        public array $holes,
        public array $doubts,
    ) {
    }
}
