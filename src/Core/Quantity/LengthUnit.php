<?php

declare(strict_types=1);

namespace FreshTack\Core\Quantity;

enum LengthUnit: string
{
    case Millimetre = 'mm';
    case Inch = 'in';

    /** By definition. */
    public const MM_PER_INCH = '25.4';

    /** @throws InvalidQuantity if the code is none of ours */
    public static function of(string $code): self
    {
        return self::tryFrom($code) ?? throw InvalidQuantity::unknownUnit($code, ...array_column(self::cases(), 'value'));
    }
}
