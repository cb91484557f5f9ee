<?php

declare(strict_types=1);

namespace FreshTack\Web\Http;

use FreshTack\Core\Reading\Cursor;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\Order\OrderFile;

/** The version of an order as it goes to the screen and comes back: it names its order, so that no other can take it. */
final readonly class OrderVersion
{
    private const LONGEST = 21;

    /** Order 2401 in its seventh version: `2401.7`. */
    public static function of(OrderFile $file): string
    {
        return \sprintf('%d.%d', $file->number, $file->version);
    }

    /** @throws Conflict if it is the version of another order */
    public static function at(Cursor $field, int $number): int
    {
        if (1 !== preg_match('/^(\d{1,10})\.(\d{1,10})$/D', $field->string(self::LONGEST), $parts)) {
            $field->flaw('This is no version of an order. Load the order again.');

            return 0;
        }
        if ($number !== (int) $parts[1]) {
            throw Conflict::ofAnotherOrder($number, (int) $parts[1]);
        }

        return (int) $parts[2];
    }
}
