<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

use FreshTack\Core\SpecBook\BaseSheet;
use FreshTack\Core\SpecBook\SheetHead;

/** One revision in a list, without its values. */
final readonly class RevisionLine
{
    public function __construct(public SheetHead $head, public string $author, public ?string $reviewer, public ?BaseSheet $base, public \DateTimeImmutable $changedAt)
    {
    }
}
