<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

use FreshTack\Core\SpecBook\Difference;
use FreshTack\Core\SpecBook\SheetDiff;
use FreshTack\Shop\NotFound;

final readonly class CompareRevisions
{
    public function __construct(private Revisions $revisions)
    {
    }

    /**
     * @return list<Difference> of every value that either has
     *
     * @throws NotFound
     */
    public function __invoke(string $id, int $older, int $newer): array
    {
        return SheetDiff::between($this->revisions->resolved($id, $older), $this->revisions->resolved($id, $newer));
    }
}
