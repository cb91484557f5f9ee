<?php

declare(strict_types=1);

namespace FreshTack\Core\Quantity;

use Brick\Math\BigDecimal;
use Brick\Math\Exception\MathException;
use Brick\Math\RoundingMode;

/** Exact decimals as text, in and out. */
final readonly class Decimal
{
    private function __construct()
    {
    }

    /** @throws InvalidQuantity if the text is not a plain decimal such as `-12.50` */
    public static function parse(string $text): BigDecimal
    {
        if (1 !== preg_match('/^-?\d{1,12}(\.\d{1,12})?$/', $text)) {
            throw InvalidQuantity::notDecimal($text);
        }

        try {
            return BigDecimal::of($text);
        } catch (MathException) {
            throw InvalidQuantity::notDecimal($text);
        }
    }

    /** @throws InvalidQuantity if the text is not a decimal, or is below zero */
    public static function parseNotNegative(string $what, string $text): BigDecimal
    {
        $value = self::parse($text);

        return $value->isNegative() ? throw InvalidQuantity::negative($what, $text) : $value;
    }

    /** `$value / $divisor` to `$places` decimals, halves away from zero. The divisor is a conversion factor, never zero. */
    public static function divided(BigDecimal $value, string $divisor, int $places): string
    {
        return (string) $value->dividedBy($divisor, max(0, $places), RoundingMode::HalfUp);
    }

    /** Without trailing zeros after the point: `12.50` becomes `12.5`. */
    public static function plain(BigDecimal $value): string
    {
        return (string) $value->strippedOfTrailingZeros();
    }
}
