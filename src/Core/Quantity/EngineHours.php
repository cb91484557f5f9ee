<?php

declare(strict_types=1);

namespace FreshTack\Core\Quantity;

use Brick\Math\RoundingMode;

/** Running hours in whole tenths, as a meter shows them. */
final readonly class EngineHours
{
    private const MOST_TENTHS = 999_999;

    private function __construct(public int $tenths)
    {
    }

    /** @throws InvalidQuantity if the text is not a decimal from 0 to 99999.9, or is finer than a tenth */
    public static function of(string $hours): self
    {
        $tenths = Decimal::parseNotNegative('A reading of hours', $hours)->multipliedBy(10);
        if ($tenths->strippedOfTrailingZeros()->getScale() > 0) {
            throw InvalidQuantity::tooFine('A reading of hours', $hours, 'tenths of an hour');
        }
        if ($tenths->isGreaterThan(self::MOST_TENTHS)) {
            throw InvalidQuantity::offScale('A reading of hours', $hours.' h', '0 to 99999.9 h');
        }

        return new self($tenths->toScale(0, RoundingMode::Down)->toInt());
    }

    /** @throws InvalidQuantity if the count is below zero */
    public static function ofTenths(int $tenths): self
    {
        return $tenths >= 0 ? new self($tenths) : throw InvalidQuantity::negative('A reading of hours', $tenths.' tenths');
    }

    public static function zero(): self
    {
        return new self(0);
    }

    public function plus(self $other): self
    {
        return new self($this->tenths + $other->tenths);
    }

    /** Never below zero: no engine has run for less. */
    public function shiftedBy(int $tenths): self
    {
        return new self(max(0, $this->tenths + $tenths));
    }

    /** Tenths of an hour, below zero once `$this` is past `$other`. */
    public function tenthsUntil(self $other): int
    {
        return $other->tenths - $this->tenths;
    }

    public function text(): string
    {
        return \sprintf('%d.%d', intdiv($this->tenths, 10), $this->tenths % 10);
    }
}
