<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

use FreshTack\Core\SpecBook\SheetHead;

/** One revision of a sheet as it stands in the book, and the version for optimistic locking. */
final readonly class Revision
{
    /** @param array<mixed> $document without what it takes from its family */
    public function __construct(public SheetHead $head, public array $document, public int $version, public \DateTimeImmutable $changedAt)
    {
    }
}
