<?php

declare(strict_types=1);

namespace FreshTack\Core\Quantity;

enum VolumeUnit: string
{
    case Millilitre = 'ml';
    case Litre = 'l';
    case UsQuart = 'us_qt';
    case UsGallon = 'us_gal';
    case UsFluidOunce = 'us_fl_oz';
    case ImperialQuart = 'imp_qt';
    case ImperialPint = 'imp_pt';

    /** @throws InvalidQuantity if the code is none of ours */
    public static function of(string $code): self
    {
        return self::tryFrom($code) ?? throw InvalidQuantity::unknownUnit($code, ...array_column(self::cases(), 'value'));
    }

    /** Exact: the US gallon is 231 cubic inches of 2.54 cm; the imperial gallon is 4.54609 l by definition. */
    public function millilitres(): string
    {
        return match ($this) {
            self::Millilitre => '1',
            self::Litre => '1000',
            self::UsQuart => '946.352946',
            self::UsGallon => '3785.411784',
            self::UsFluidOunce => '29.5735295625',
            self::ImperialQuart => '1136.5225',
            self::ImperialPint => '568.26125',
        };
    }

    public function isMetric(): bool
    {
        return self::Millilitre === $this || self::Litre === $this;
    }

    public function symbol(): string
    {
        return match ($this) {
            self::Millilitre => 'ml',
            self::Litre => 'l',
            self::UsQuart => 'US qt',
            self::UsGallon => 'US gal',
            self::UsFluidOunce => 'US fl oz',
            self::ImperialQuart => 'imp qt',
            self::ImperialPint => 'imp pt',
        };
    }
}
