<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook;

use FreshTack\Core\Fluid\GradeChart;
use FreshTack\Core\Fluid\GradeRange;
use FreshTack\Core\Quantity\Temperature;
use FreshTack\Core\Reading\Cursor;

/** Reads a grade chart. Fahrenheit is kept in whole degrees Celsius on the narrower side, so that no grade reaches further than its chart. */
final readonly class GradeReader
{
    public static function at(Cursor $value): GradeChart
    {
        $unit = $value->at('unit')->raw();
        if ('c' !== $unit && 'f' !== $unit) {
            $value->at('unit')->flaw('A grade chart is given in "c" or "f".');
        }

        return new GradeChart(...array_filter(array_map(static fn (Cursor $row): ?GradeRange => self::grade($row, 'f' === $unit), $value->at('chart')->list(1, 20))));
    }

    private static function grade(Cursor $row, bool $fahrenheit): ?GradeRange
    {
        $row->knowsOnly('grade', 'from', 'to', 'preferred');
        [$coldest, $warmest] = $fahrenheit ? [-76, 140] : [-60, 60];
        $from = $row->at('from')->int($coldest, $warmest);
        $to = $row->at('to')->int($coldest, $warmest);
        if ($from >= $to) {
            $row->flaw('A grade reaches from the colder temperature to the warmer.');
        }
        [$low, $high] = $fahrenheit ? [(int) ceil(($from - 32) * 5 / 9), (int) floor(($to - 32) * 5 / 9)] : [$from, $to];

        return $row->attempt(static fn (): GradeRange => new GradeRange($row->at('grade')->string(20), Temperature::ofCelsius($low), Temperature::ofCelsius($high), $row->at('preferred')->bool()));
    }
}
