<?php

declare(strict_types=1);

namespace FreshTack\Core\Quantity;

use Brick\Math\BigDecimal;

/** A tightening moment, exact, which remembers the figure and unit in which it was given. */
final readonly class Torque
{
    private function __construct(private BigDecimal $newtonMetres, public string $given, public TorqueUnit $unit)
    {
    }

    /** @throws InvalidQuantity if the value is not a decimal, or is below zero */
    public static function of(string $value, TorqueUnit $unit): self
    {
        $amount = Decimal::parseNotNegative('A torque', $value);

        return new self($amount->multipliedBy($unit->newtonMetres()), $value, $unit);
    }

    public function in(TorqueUnit $unit, int $places): string
    {
        return Decimal::divided($this->newtonMetres, $unit->newtonMetres(), $places);
    }

    public function isAtLeast(self $other): bool
    {
        return $this->newtonMetres->isGreaterThanOrEqualTo($other->newtonMetres);
    }

    /** A fifth of it, in the same unit. */
    public function fifth(): self
    {
        return new self($this->newtonMetres->multipliedBy('0.2'), (string) BigDecimal::of($this->given)->multipliedBy('0.2')->strippedOfTrailingZeros(), $this->unit);
    }

    /** As given in the source: `26 N·m`. */
    public function asGiven(): string
    {
        return $this->given.' '.$this->unit->symbol();
    }

    /** The other unit, to one decimal, and so marked as converted: `≈ 19.2 ft·lb`. */
    public function converted(): string
    {
        $other = TorqueUnit::NewtonMetre === $this->unit ? TorqueUnit::FootPound : TorqueUnit::NewtonMetre;

        return \sprintf('≈ %s %s', $this->in($other, 1), $other->symbol());
    }
}
