<?php

declare(strict_types=1);

namespace FreshTack\Core\Fastening;

use FreshTack\Core\Quantity\Torque;
use FreshTack\Core\Quantity\TorqueUnit;
use FreshTack\Core\Reading\Cursor;

/** Reads a torque wrench of the shop. */
final readonly class WrenchReader
{
    private const MOST_MONTHS = 36;

    public static function at(Cursor $wrench): ?TorqueWrench
    {
        $wrench->knowsOnly('id', 'fullScale', 'calibratedOn', 'goodMonths');
        $id = $wrench->at('id')->string(20);
        $on = $wrench->at('calibratedOn')->day();
        $months = $wrench->at('goodMonths')->isNull() ? TorqueWrench::USUAL_MONTHS : $wrench->at('goodMonths')->int(1, self::MOST_MONTHS);
        $scale = $wrench->at('fullScale');
        $value = $scale->at('value')->string(20);
        $unit = $scale->at('unit')->string(10);

        return $scale->attempt(
            static fn (): TorqueWrench => new TorqueWrench($id, Torque::of($value, TorqueUnit::of($unit)), $on, $months),
        );
    }
}
