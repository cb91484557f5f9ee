<?php

declare(strict_types=1);

namespace FreshTack\Core\Quantity;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;

/** An amount of liquid, exact, which remembers the figure and unit in which it was given. */
final readonly class Volume
{
    private function __construct(private BigDecimal $millilitres, public string $given, public VolumeUnit $unit)
    {
    }

    /** @throws InvalidQuantity if the value is not a decimal, or is below zero */
    public static function of(string $value, VolumeUnit $unit): self
    {
        $amount = Decimal::parseNotNegative('A volume', $value);

        return new self($amount->multipliedBy($unit->millilitres()), $value, $unit);
    }

    /** @throws InvalidQuantity if the amount is below zero */
    public static function ofMillilitres(int $millilitres): self
    {
        return $millilitres >= 0 ? self::whole($millilitres) : throw InvalidQuantity::negative('A volume', $millilitres.' ml');
    }

    /** @param int<0, max> $millilitres */
    public static function whole(int $millilitres): self
    {
        return new self(BigDecimal::of($millilitres), (string) $millilitres, VolumeUnit::Millilitre);
    }

    public static function nothing(): self
    {
        return self::whole(0);
    }

    /** Whole millilitres, any fraction counted as one more: for a need. */
    public function millilitresUp(): int
    {
        return $this->millilitres->toScale(0, RoundingMode::Ceiling)->toInt();
    }

    /** Whole millilitres, any fraction dropped: for what a container holds. */
    public function millilitresDown(): int
    {
        return $this->millilitres->toScale(0, RoundingMode::Floor)->toInt();
    }

    /** In `$unit` to `$places` decimals, halves away from zero. */
    public function in(VolumeUnit $unit, int $places): string
    {
        return Decimal::divided($this->millilitres, $unit->millilitres(), $places);
    }

    public function plus(self $other): self
    {
        $sum = $this->millilitres->plus($other->millilitres);

        return new self($sum, Decimal::plain($sum), VolumeUnit::Millilitre);
    }

    /** What would be missing, in whole millilitres, if as many US quarts were bought as there are litres. */
    public function millilitresShortAsQuarts(): int
    {
        return $this->millilitres->multipliedBy('0.053647054')->toScale(0, RoundingMode::HalfUp)->toInt();
    }

    public function isAtLeast(self $other): bool
    {
        return $this->millilitres->isGreaterThanOrEqualTo($other->millilitres);
    }

    /** Both units side by side, the given one as it stands in its source: `5.37 l (5.67 US qt)`. */
    public function inBothUnits(): string
    {
        $litres = VolumeUnit::Litre === $this->unit ? $this->given : $this->in(VolumeUnit::Litre, 2);
        $quarts = VolumeUnit::UsQuart === $this->unit ? $this->given : $this->in(VolumeUnit::UsQuart, 2);

        return \sprintf('%s l (%s US qt)', $litres, $quarts);
    }
}
