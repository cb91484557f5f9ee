<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

/** One engine of an open order whose sheet has changed in values that the order rests on. */
final readonly class OrderFlag
{
    /** @param list<array{path: string, label: string, before: string, after: string}> $differences */
    public function __construct(
        public int $id,
        public int $orderNumber,
        public string $position,
        public string $sheetId,
        public int $fromRevision,
        public int $toRevision,
        public array $differences,
        public \DateTimeImmutable $raisedAt,
    ) {
    }
}
