<?php

declare(strict_types=1);

namespace FreshTack\Core\Quantity;

enum MassUnit: string
{
    case Kilogram = 'kg';
    case Pound = 'lb';

    /** @throws InvalidQuantity if the code is none of ours */
    public static function of(string $code): self
    {
        return self::tryFrom($code) ?? throw InvalidQuantity::unknownUnit($code, ...array_column(self::cases(), 'value'));
    }

    /** Exact: the pound is 0.45359237 kg by definition. */
    public function kilograms(): string
    {
        return self::Kilogram === $this ? '1' : '0.45359237';
    }
}
