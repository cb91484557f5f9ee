<?php

declare(strict_types=1);

namespace FreshTack\Core\Quantity;

/** A gap or a clearance: from so much to so much, both included, in one unit. */
final readonly class LengthRange
{
    private function __construct(public Length $min, public Length $max)
    {
    }

    /** @throws InvalidQuantity if a figure is no decimal, is below zero, or min is above max */
    public static function of(string $min, string $max, LengthUnit $unit): self
    {
        $low = Decimal::parseNotNegative('A length', $min);

        return Decimal::parseNotNegative('A length', $max)->isGreaterThanOrEqualTo($low)
            ? new self(Length::of($min, $unit), Length::of($max, $unit))
            : throw InvalidQuantity::upsideDown('A gap', $min, $max);
    }

    public function asGiven(): string
    {
        return $this->min->given === $this->max->given ? $this->min->asGiven() : \sprintf('%s – %s', $this->min->given, $this->max->asGiven());
    }
}
