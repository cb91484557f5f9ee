<?php

declare(strict_types=1);

namespace FreshTack\Core\Quantity;

/** What has to be lifted, kept as its source gives it. */
final readonly class Mass
{
    private function __construct(public string $given, public MassUnit $unit)
    {
    }

    /** @throws InvalidQuantity if the value is not a decimal, or is below zero */
    public static function of(string $value, MassUnit $unit): self
    {
        Decimal::parseNotNegative('A mass', $value);

        return new self($value, $unit);
    }

    public function asGiven(): string
    {
        return $this->given.' '.$this->unit->value;
    }
}
