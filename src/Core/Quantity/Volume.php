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

    /** The most of it, taken whole times, that does not pass these millilitres: to the nearest millilitre. */
    public function wholeTimesWithin(int $millilitres): int
    {
        if ($this->millilitres->isZero()) {
            return $millilitres;
        }
        $times = BigDecimal::of($millilitres)->dividedBy($this->millilitres, 0, RoundingMode::Floor);

        return $times->multipliedBy($this->millilitres)->toScale(0, RoundingMode::HalfUp)->toInt();
    }

    /** In `$unit` to `$places` decimals, halves away from zero. */
    public function in(VolumeUnit $unit, int $places): string
    {
        return Decimal::divided($this->millilitres, $unit->millilitres(), $places);
    }

    public function plus(self $other): self
    {
        $sum = $this->millilitres->plus($other->millilitres);

        return $this->millilitres->isZero()
            ? $other
            : $this->combined($other, $sum, BigDecimal::of($this->given)->plus($other->given));
    }

    /** Nothing where the other is larger. */
    public function less(self $other): self
    {
        $rest = $this->millilitres->minus($other->millilitres);

        return match (true) {
            $other->millilitres->isZero() => $this,
            $rest->isNegative() => self::nothing(),
            default => $this->combined($other, $rest, BigDecimal::of($this->given)->minus($other->given)),
        };
    }

    /** Two figures of one unit give a figure of it; others give millilitres. */
    private function combined(self $other, BigDecimal $millilitres, BigDecimal $given): self
    {
        return $this->unit === $other->unit
            ? new self($millilitres, Decimal::plain($given), $this->unit)
            : new self($millilitres, Decimal::plain($millilitres), VolumeUnit::Millilitre);
    }

    /** What would be missing, in whole millilitres, if as many US quarts were bought as there are litres. */
    public function millilitresShortAsQuarts(): int
    {
        return $this->millilitres->multipliedBy('0.053647054')->toScale(0, RoundingMode::HalfUp)->toInt();
    }

    /** What would be too much, in whole millilitres, if as many litres were filled in as there are US quarts. */
    public function millilitresOverAsLitres(): int
    {
        return $this->millilitres->multipliedBy('0.053647054')->dividedBy('0.946352946', 0, RoundingMode::HalfUp)->toInt();
    }

    public function isAtLeast(self $other): bool
    {
        return $this->millilitres->isGreaterThanOrEqualTo($other->millilitres);
    }

    /**
     * Both units side by side, the one of the source first: `5.37 l (5.67 US qt)`, `14.2 US fl oz (420 ml)`. Less than a
     * litre is told in millilitres and fluid ounces, so that no digit is lost.
     */
    public function inBothUnits(): string
    {
        $isSmall = $this->millilitres->isLessThan(1000);
        if (!$this->unit->isMetric()) {
            return \sprintf('%s %s (%s)', $this->given, $this->unit->symbol(), $this->metric());
        }
        $other = $isSmall ? VolumeUnit::UsFluidOunce : VolumeUnit::UsQuart;

        return \sprintf('%s (%s %s)', $this->metric(), $this->in($other, $isSmall ? 1 : 2), $other->symbol());
    }

    /** Litres as given, or to the millilitre; less than one in millilitres. */
    private function metric(): string
    {
        if ($this->millilitres->isLessThan(1000)) {
            return $this->in(VolumeUnit::Millilitre, 0).' ml';
        }
        if (VolumeUnit::Litre === $this->unit) {
            return $this->given.' l';
        }
        $tens = $this->millilitres->dividedBy(10, 0, RoundingMode::Down)->multipliedBy(10);
        $isTold = $this->unit->isMetric() && !$tens->isEqualTo($this->millilitres);

        return $this->in(VolumeUnit::Litre, $isTold ? 3 : 2).' l';
    }
}
