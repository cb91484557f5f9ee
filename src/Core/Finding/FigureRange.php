<?php

declare(strict_types=1);

namespace FreshTack\Core\Finding;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use FreshTack\Core\Quantity\InvalidQuantity;
use FreshTack\Core\Quantity\LengthUnit;
use FreshTack\Core\Quantity\Volume;
use FreshTack\Core\Quantity\VolumeUnit;

/** Between what a figure should lie, both ends included, in the unit in which it is measured. */
final readonly class FigureRange
{
    /**
     * @param BigDecimal|null $min  null: there is no least
     * @param BigDecimal|null $max  null: there is no most
     * @param string          $unit mm, in, rpm, a unit of volume, or span: a share of what lies between the marks
     */
    public function __construct(public ?BigDecimal $min, public ?BigDecimal $max, public string $unit)
    {
    }

    public function isBelow(BigDecimal $figure): bool
    {
        return null !== $this->min && $figure->isLessThan($this->min);
    }

    public function isAbove(BigDecimal $figure): bool
    {
        return null !== $this->max && $figure->isGreaterThan($this->max);
    }

    public function holds(BigDecimal $figure): bool
    {
        return !$this->isBelow($figure) && !$this->isAbove($figure);
    }

    /** Whether anything judges a figure. */
    public function isOpen(): bool
    {
        return null === $this->min && null === $this->max;
    }

    /** With its unit, and in the other too: a length to a thousandth of an inch, or a hundredth of a millimetre. */
    public function figure(BigDecimal $figure): string
    {
        $unit = VolumeUnit::tryFrom($this->unit);
        try {
            return match (true) {
                null !== $unit => Volume::of((string) $figure, $unit)->inBothUnits(),
                'mm' === $this->unit => $figure.' mm ('.$figure->dividedBy(LengthUnit::MM_PER_INCH, 3, RoundingMode::HalfUp).' in)',
                'in' === $this->unit => $figure.' in ('
                    .$figure->multipliedBy(LengthUnit::MM_PER_INCH)->toScale(2, RoundingMode::HalfUp).' mm)',
                default => $figure.' '.$this->unitText(),
            };
        } catch (InvalidQuantity) {
            return $figure.' '.$this->unitText();
        }
    }

    /** In the middle, with no more digits than it takes; null: one end is open. */
    public function middle(): ?string
    {
        return null === $this->min || null === $this->max
            ? null
            : (string) $this->min->plus($this->max)->dividedBy(
                2,
                max($this->min->getScale(), $this->max->getScale()) + 1,
            )->strippedOfTrailingZeros();
    }

    /** `0.17 – 0.23 mm`, `at most 0.2 mm`; empty where nothing judges. */
    public function text(): string
    {
        $text = match (true) {
            null !== $this->min && null !== $this->max => $this->min.' – '.$this->max,
            null !== $this->max => 'at most '.$this->max,
            null !== $this->min => 'at least '.$this->min,
            default => '',
        };

        return '' === $text ? '' : $text.' '.$this->unitText();
    }

    public function unitText(): string
    {
        return VolumeUnit::tryFrom($this->unit)?->symbol() ?? ('span' === $this->unit ? 'of the span' : $this->unit);
    }
}
