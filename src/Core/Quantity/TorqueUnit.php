<?php

declare(strict_types=1);

namespace FreshTack\Core\Quantity;

enum TorqueUnit: string
{
    case NewtonMetre = 'nm';
    case FootPound = 'ft_lb';
    case InchPound = 'in_lb';

    /** @throws InvalidQuantity if the code is none of ours */
    public static function of(string $code): self
    {
        return self::tryFrom($code) ?? throw InvalidQuantity::unknownUnit($code, ...array_column(self::cases(), 'value'));
    }

    /** Exact: 1 lbf = 4.4482216152605 N and 1 ft = 0.3048 m. */
    public function newtonMetres(): string
    {
        return match ($this) {
            self::NewtonMetre => '1',
            self::FootPound => '1.3558179483314004',
            self::InchPound => '0.1129848290276167',
        };
    }

    public function symbol(): string
    {
        return match ($this) {
            self::NewtonMetre => 'N·m',
            self::FootPound => 'ft·lb',
            self::InchPound => 'in·lb',
        };
    }
}
