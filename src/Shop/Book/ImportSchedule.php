<?php

declare(strict_types=1);

namespace FreshTack\Shop\Book;

use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Reading\Flaw;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Exchange\ScheduleCsv;
use FreshTack\Shop\Account\Account;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;

/** The schedule of a draft from a CSV: all its rows or none. Tasks that the file does not name keep theirs. */
final readonly class ImportSchedule
{
    public function __construct(private EditSheet $edit)
    {
    }

    /** @throws NotFound|Conflict|InvalidDocument with every flaw, each naming its row */
    public function __invoke(string $id, int $revision, int $version, string $csv, Account $by): Revision
    {
        $read = ScheduleCsv::read($csv);

        try {
            return ($this->edit)($id, $revision, $version, SheetChange::at(Cursor::over(['values' => $read['values'], 'sources' => $read['sources']])), $by);
        } catch (InvalidDocument $error) {
            throw InvalidDocument::because(...array_map(static fn (Flaw $flaw): Flaw => self::withRow($flaw, $read['rows']), $error->flaws));
        }
    }

    /** @param array<string, int> $rows by path */
    private static function withRow(Flaw $flaw, array $rows): Flaw
    {
        $row = $rows[explode('/', $flaw->pointer)[2] ?? ''] ?? null;

        return null === $row ? $flaw : new Flaw("/rows/$row", \sprintf('Row %d: %s', $row, $flaw->message));
    }
}
