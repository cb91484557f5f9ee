<?php

declare(strict_types=1);

namespace FreshTack\Core\Fastening;

use Brick\Math\BigDecimal;
use FreshTack\Core\Quantity\Length;
use FreshTack\Core\Quantity\LengthUnit;

/** Which size of the other system may stand in for a wrench: larger than the head, by no more than the tolerance. */
final readonly class StandIn
{
    /** Millimetres by which a wrench may be wider than the head; more rounds the corners. */
    private const TOLERANCE_MM = '0.3';
    /** In sixty-fourths: sixteenths from 1/4 to 1 1/2 in, and the two thirty-seconds that sockets come in. */
    private const INCHES = [
        '1/4' => 16, '5/16' => 20, '11/32' => 22, '3/8' => 24, '7/16' => 28, '1/2' => 32, '9/16' => 36, '19/32' => 38,
        '5/8' => 40, '11/16' => 44, '3/4' => 48, '13/16' => 52, '7/8' => 56, '15/16' => 60, '1' => 64, '1 1/16' => 68,
        '1 1/8' => 72, '1 3/16' => 76, '1 1/4' => 80, '1 5/16' => 84, '1 3/8' => 88, '1 7/16' => 92, '1 1/2' => 96,
    ];
    private const MM_PER_SIXTY_FOURTH = '0.396875';
    private const LARGEST_MM = 38;

    /** @return string|null the smallest that fits, with its unit, for turning only and never for the final torque; null: none */
    public static function for(Length $head): ?string
    {
        $isMetric = LengthUnit::Millimetre === $head->unit;
        $others = $isMetric
            ? array_map(static fn (int $parts): BigDecimal => BigDecimal::of(self::MM_PER_SIXTY_FOURTH)->multipliedBy($parts), self::INCHES)
            : array_map(BigDecimal::of(...), array_combine(range(5, self::LARGEST_MM), range(5, self::LARGEST_MM)));
        foreach ($others as $size => $millimetres) {
            if (self::fits($millimetres, $head->millimetres())) {
                return $size.' '.($isMetric ? 'in' : 'mm');
            }
        }

        return null;
    }

    /** Whether a wrench of one size turns the head of another; of equal sizes there is nothing to stand in for. */
    public static function turns(Length $wrench, Length $head): bool
    {
        return $wrench->asGiven() !== $head->asGiven() && self::fits($wrench->millimetres(), $head->millimetres());
    }

    /** A wrench exactly as wide as the tolerance allows still fits; one that is narrower never does. */
    private static function fits(BigDecimal $wrench, BigDecimal $head): bool
    {
        $over = $wrench->minus($head);

        return !$over->isNegative() && $over->isLessThanOrEqualTo(self::TOLERANCE_MM);
    }
}
