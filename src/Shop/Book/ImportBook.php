<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Shop\Account\Account;
use FreshTack\Shop\Audit\AuditLog;
use FreshTack\Shop\Audit\Subject;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\Due\MarkStale;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Unit;

/**
 * Takes one sheet, or the zip of a book: all of it or nothing. What the book has already, byte for byte, is left
 * alone; a draft is replaced; any other revision of the same number with other content is refused. Families go first,
 * so that they and their variants may come together.
 */
final readonly class ImportBook
{
    public function __construct(private TakeBook $take, private MarkStale $stale, private AuditLog $audit, private Unit $unit)
    {
    }

    /**
     * What would change.
     *
     * @return list<BookChange>
     *
     * @throws Conflict|InvalidDocument|NotFound with every flaw, each naming its file
     */
    public function preview(string $bytes, Account $by): array
    {
        return $this->unit->trial(fn (): array => ($this->take)($bytes, '', $by));
    }

    /**
     * @return list<BookChange>
     *
     * @throws Conflict|InvalidDocument|NotFound with every flaw; nothing is written then
     */
    public function apply(string $bytes, string $token, Account $by): array
    {
        return $this->unit->run(function () use ($bytes, $token, $by): array {
            $changes = ($this->take)($bytes, $token, $by);
            $changed = \count(array_filter($changes, static fn (BookChange $change): bool => 'same' !== $change->kind));
            if ($changed > 0) {
                ($this->stale)(null);
            }
            $this->audit->add($by->username, 'book.imported', Subject::book(), ['changes' => $changed]);

            return $changes;
        });
    }
}
