<?php

declare(strict_types=1);

namespace FreshTack\Core\Fluid;

use Brick\Math\BigDecimal;
use FreshTack\Core\Quantity\Decimal;
use FreshTack\Core\Quantity\InvalidQuantity;

/** A level as a fraction of the span above the low mark: 0 at the low mark, 1 at the top mark, below zero under it. */
final readonly class DipstickReading
{
    private function __construct(public BigDecimal $fraction)
    {
    }

    /** @throws InvalidQuantity if the text is no decimal from −0.5 to 2 */
    public static function of(string $text): self
    {
        $fraction = Decimal::parse($text);

        return $fraction->isLessThan('-0.5') || $fraction->isGreaterThan(2)
            ? throw InvalidQuantity::offScale('A dipstick reading', $text, '−0.5 to 2 (0 is the low mark, 1 the top mark)') : new self($fraction);
    }

    public function isAboveTopMark(): bool
    {
        return $this->fraction->isGreaterThan(1);
    }

    public function isBelowLow(): bool
    {
        return $this->fraction->isNegative();
    }

    public function text(): string
    {
        return Decimal::plain($this->fraction);
    }
}
