<?php

declare(strict_types=1);

namespace FreshTack\Core\Quantity;

use Brick\Math\BigDecimal;

/** A size of a head, a bore or a wrench, kept as its source gives it: a 5/16 in socket is never called 8 mm. */
final readonly class Length
{
    /** Inches as they stand on sockets: `9/16`, `1 1/16`. */
    public const FRACTION = '/^(?:(\d{1,3}) )?(\d{1,2})\/(2|4|8|16|32|64)$/';

    private function __construct(public string $given, public LengthUnit $unit, private float $amount)
    {
    }

    /** @throws InvalidQuantity if the value is not a decimal, nor a fraction of an inch, or is below zero */
    public static function of(string $value, LengthUnit $unit): self
    {
        if (LengthUnit::Inch === $unit && 1 === preg_match(self::FRACTION, $value, $part)) {
            return new self($value, $unit, (float) $part[1] + (int) $part[2] / (int) $part[3]);
        }
        Decimal::parseNotNegative('A length', $value);

        return new self($value, $unit, (float) $value);
    }

    /** Exact: a sixty-fourth of an inch is 0.396875 mm. */
    public function millimetres(): BigDecimal
    {
        if (LengthUnit::Inch === $this->unit && 1 === preg_match(self::FRACTION, $this->given, $part)) {
            $inches = BigDecimal::of((int) $part[1])->plus(BigDecimal::of((int) $part[2])->dividedByExact((int) $part[3]));
        } else {
            $inches = BigDecimal::of($this->given);
        }

        return LengthUnit::Inch === $this->unit ? $inches->multipliedBy(LengthUnit::MM_PER_INCH) : $inches;
    }

    /** For ratios; what is shown is the given value. */
    public function inMillimetres(): float
    {
        return $this->amount * (LengthUnit::Inch === $this->unit ? (float) LengthUnit::MM_PER_INCH : 1.0);
    }

    public function asGiven(): string
    {
        return $this->given.' '.$this->unit->value;
    }
}
