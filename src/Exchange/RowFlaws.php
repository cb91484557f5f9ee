<?php

declare(strict_types=1);

namespace FreshTack\Exchange;

use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Reading\Flaws;
use FreshTack\Core\Reading\InvalidDocument;

/** What is wrong in the rows of a table, each told with its row and its column. */
final readonly class RowFlaws
{
    /** @param int $row as a spreadsheet counts: 2 is the first below the headings */
    public static function collect(Cursor $cells, int $row, Flaws $flaws): void
    {
        try {
            $cells->flaws->throwIfAny();
        } catch (InvalidDocument $error) {
            self::add($error, $row, $flaws);
        }
    }

    /** @param array<string, string> $columns what a field is called in the file, where it is called otherwise */
    public static function add(InvalidDocument $error, int $row, Flaws $flaws, array $columns = []): void
    {
        foreach ($error->flaws as $flaw) {
            $field = explode('/', ltrim($flaw->pointer, '/'))[0];
            $column = $columns[$field] ?? $field;
            $flaws->add(
                rtrim("/rows/$row/$column", '/'),
                \sprintf('Row %d%s: %s', $row, '' === $column ? '' : ', '.$column, lcfirst($flaw->message)),
            );
        }
    }
}
