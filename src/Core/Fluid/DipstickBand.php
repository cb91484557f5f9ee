<?php

declare(strict_types=1);

namespace FreshTack\Core\Fluid;

use Brick\Math\BigDecimal;
use FreshTack\Core\Quantity\Decimal;
use FreshTack\Core\Quantity\InvalidQuantity;

/** The target on a dipstick, as fractions of the span from the low mark (0) to the top mark (1). */
final readonly class DipstickBand
{
    private function __construct(public BigDecimal $low, public BigDecimal $high)
    {
    }

    /** @throws InvalidQuantity unless 0 ≤ low < high ≤ 1 */
    public static function of(string $low, string $high): self
    {
        $from = Decimal::parseNotNegative('The band\'s low edge', $low);
        $to = Decimal::parseNotNegative('The band\'s high edge', $high);

        return $from->isLessThan($to) && $to->isLessThanOrEqualTo(1) ? new self($from, $to) : throw InvalidQuantity::offScale('The target band', "$low to $high", 'the marks, low edge first');
    }

    public function middle(): BigDecimal
    {
        return $this->low->plus($this->high)->multipliedBy('0.5');
    }

    public function text(): string
    {
        return \sprintf('%s – %s of the span', Decimal::plain($this->low), Decimal::plain($this->high));
    }
}
