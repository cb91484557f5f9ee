<?php

declare(strict_types=1);

namespace FreshTack\Core\Fastening;

use FreshTack\Core\Quantity\Length;
use FreshTack\Core\Quantity\LengthUnit;

/** Which size of the other system may stand in for a wrench: larger than the head, by no more than the tolerance. */
final readonly class StandIn
{
    /** Millimetres by which a wrench may be wider than the head; more rounds the corners. */
    private const TOLERANCE_MM = 0.3;
    private const INCHES = ['1/4' => 0.25, '5/16' => 0.3125, '3/8' => 0.375, '7/16' => 0.4375, '1/2' => 0.5, '9/16' => 0.5625, '5/8' => 0.625, '11/16' => 0.6875, '3/4' => 0.75, '13/16' => 0.8125, '7/8' => 0.875, '15/16' => 0.9375, '1' => 1.0, '1 1/16' => 1.0625, '1 1/8' => 1.125, '1 1/4' => 1.25];
    private const MM_PER_INCH = 25.4;

    /** @return string|null a size with its unit, for turning only and never for the final torque; null: none */
    public static function for(Length $head): ?string
    {
        $wanted = $head->inMillimetres();
        $others = LengthUnit::Millimetre === $head->unit
            ? array_map(static fn (float $inches): float => $inches * self::MM_PER_INCH, self::INCHES)
            : array_combine(array_map(strval(...), range(5, 36)), array_map(floatval(...), range(5, 36)));
        foreach ($others as $name => $millimetres) {
            if (self::fits($millimetres, $wanted)) {
                return $name.' '.(LengthUnit::Millimetre === $head->unit ? 'in' : 'mm');
            }
        }

        return null;
    }

    /** Whether a wrench of one size turns the head of another; of equal sizes there is nothing to stand in for. */
    public static function turns(Length $wrench, Length $head): bool
    {
        return $wrench->asGiven() !== $head->asGiven() && self::fits($wrench->inMillimetres(), $head->inMillimetres());
    }

    /** A wrench exactly as wide as the tolerance allows still fits; one that is narrower never does. */
    private static function fits(float $wrenchMm, float $headMm): bool
    {
        return $wrenchMm >= $headMm && $wrenchMm - $headMm <= self::TOLERANCE_MM;
    }
}
