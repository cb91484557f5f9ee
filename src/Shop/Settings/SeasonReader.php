<?php

declare(strict_types=1);

namespace FreshTack\Shop\Settings;

use FreshTack\Core\Reading\Cursor;

/** The coldest and the warmest air of each month, in °C. */
final readonly class SeasonReader
{
    /**
     * Flaws are noted at their fields.
     *
     * @return list<array{coldest: int, warmest: int}>|null null: nobody has entered it
     */
    public static function at(Cursor $at): ?array
    {
        return $at->isNull() ? null : array_map(self::month(...), $at->list(12, 12));
    }

    /** @return array{coldest: int, warmest: int} */
    private static function month(Cursor $month): array
    {
        $read = ['coldest' => $month->at('coldest')->int(-60, 60), 'warmest' => $month->at('warmest')->int(-60, 60)];
        if ($read['coldest'] > $read['warmest']) {
            $month->at('warmest')->flaw('The warmest air can\'t be colder than the coldest.');
        }

        return $read;
    }
}
