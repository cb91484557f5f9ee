<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

use FreshTack\Core\SpecBook\SheetField;

final readonly class Proposal
{
    /** @param array<mixed> $content the value as a sheet writes it, without its source */
    public function __construct(
        public int $id,
        public string $sheetId,
        public int $revision,
        public SheetField $field,
        public array $content,
        public string $document,
        public string $documentRevision,
        public string $page,
        public string $reason,
        public int $orderNumber,
        public string $by,
        public \DateTimeImmutable $at,
    ) {
    }
}
