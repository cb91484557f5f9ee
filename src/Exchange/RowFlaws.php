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

    public static function add(InvalidDocument $error, int $row, Flaws $flaws): void
    {
        foreach ($error->flaws as $flaw) {
            $column = explode('/', ltrim($flaw->pointer, '/'))[0];
            $flaws->add(
                "/rows/$row".$flaw->pointer,
                \sprintf('Row %d%s: %s', $row, '' === $column ? '' : ', '.$column, lcfirst($flaw->message)),
            );
        }
    }
}
