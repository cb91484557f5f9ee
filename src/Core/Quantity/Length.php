<?php

declare(strict_types=1);

namespace FreshTack\Core\Quantity;

/** A size of a head, a bore or a wrench, kept as its source gives it: a 5/16 in socket is never called 8 mm. */
final readonly class Length
{
    private function __construct(public string $given, public LengthUnit $unit)
    {
    }

    /** @throws InvalidQuantity if the value is not a decimal, or is below zero */
    public static function of(string $value, LengthUnit $unit): self
    {
        Decimal::parseNotNegative('A length', $value);

        return new self($value, $unit);
    }

    /** For comparing and for ratios; what is shown is the given value. */
    public function inMillimetres(): float
    {
        return (float) $this->given * (LengthUnit::Inch === $this->unit ? 25.4 : 1.0);
    }

    public function asGiven(): string
    {
        return $this->given.' '.$this->unit->value;
    }
}
