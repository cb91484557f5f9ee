<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

use FreshTack\Core\Order\PlannableBook;
use FreshTack\Core\Order\TriedTask;

/** Builds the orders that a revision would give, before it is published. */
final readonly class TryOutSheet
{
    public function __construct(private SpecBook $book)
    {
    }

    /** @return list<TriedTask> empty for a family */
    public function __invoke(Revision $revision): array
    {
        $sheet = $this->book->sheet($revision->head);

        return $sheet->head->isFamily() ? [] : (new PlannableBook())->tryOut($this->book->readProcedures(), $sheet);
    }
}
