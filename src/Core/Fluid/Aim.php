<?php

declare(strict_types=1);

namespace FreshTack\Core\Fluid;

use Brick\Math\BigDecimal;

/** Where in the target band a top-up aims once the engine has run: the shop's school. */
enum Aim: string
{
    case Middle = 'middle';
    case Upper = 'upper';
    case TopEdge = 'top_edge';

    /** A share of the span, never above the band. */
    public function within(DipstickBand $band): BigDecimal
    {
        return match ($this) {
            self::Middle => $band->middle(),
            self::Upper => $band->middle()->plus($band->high)->multipliedBy('0.5'),
            self::TopEdge => $band->high,
        };
    }

    public function told(): string
    {
        return match ($this) {
            self::Middle => 'the middle of the target band',
            self::Upper => 'the upper part of the target band',
            self::TopEdge => 'the upper edge of the target band',
        };
    }
}
