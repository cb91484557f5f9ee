<?php

declare(strict_types=1);

namespace FreshTack\Core\Quantity;

/** The rated power of an engine, kept as its plate gives it. */
final readonly class Power
{
    private function __construct(public string $given, public PowerUnit $unit)
    {
    }

    /** @throws InvalidQuantity if the value is not a decimal, or is below zero */
    public static function of(string $value, PowerUnit $unit): self
    {
        Decimal::parseNotNegative('A power', $value);

        return new self($value, $unit);
    }

    public function asGiven(): string
    {
        return $this->given.' '.$this->unit->symbol();
    }
}
