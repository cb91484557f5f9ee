<?php

declare(strict_types=1);

namespace FreshTack\Core\Quantity;

use Brick\Math\BigDecimal;

/** What has to be lifted, kept as its source gives it. */
final readonly class Mass
{
    private function __construct(private BigDecimal $kilograms, public string $given, public MassUnit $unit)
    {
    }

    /** @throws InvalidQuantity if the value is not a decimal, or is below zero */
    public static function of(string $value, MassUnit $unit): self
    {
        return new self(Decimal::parseNotNegative('A mass', $value)->multipliedBy($unit->kilograms()), $value, $unit);
    }

    public function asGiven(): string
    {
        return $this->given.' '.$this->unit->value;
    }

    /** With what it is in the other unit, to a tenth: `33 lb (15.0 kg)`. */
    public function inBothUnits(): string
    {
        $other = MassUnit::Pound === $this->unit ? MassUnit::Kilogram : MassUnit::Pound;

        return \sprintf('%s (%s %s)', $this->asGiven(), Decimal::divided($this->kilograms, $other->kilograms(), 1), $other->value);
    }
}
