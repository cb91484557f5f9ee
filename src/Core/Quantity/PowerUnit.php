<?php

declare(strict_types=1);

namespace FreshTack\Core\Quantity;

enum PowerUnit: string
{
    case Kilowatt = 'kw';
    case Horsepower = 'hp';

    /** @throws InvalidQuantity if the code is none of ours */
    public static function of(string $code): self
    {
        return self::tryFrom($code) ?? throw InvalidQuantity::unknownUnit($code, ...array_column(self::cases(), 'value'));
    }

    public function symbol(): string
    {
        return self::Kilowatt === $this ? 'kW' : 'hp';
    }
}
