<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

use FreshTack\Core\Order\PlannableBook;
use FreshTack\Core\Order\TriedTask;

/** Builds the orders that a revision would give, before it is published. */
final readonly class TryOutSheet
{
    public function __construct(private SpecBook $book, private PlannableBook $plans)
    {
    }

    /** @return list<TriedTask> empty for a family */
    public function __invoke(Revision $revision): array
    {
        $sheet = $this->book->sheet($revision->head);

        return $sheet->head->isFamily() ? [] : $this->plans->tryOut($this->book->readProcedures(), $sheet);
    }
}
