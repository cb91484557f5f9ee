<?php

declare(strict_types=1);

namespace FreshTack\Core\Finding;

use Brick\Math\BigDecimal;

/** Between what a figure should lie, both ends included, in the unit in which it is measured. */
final readonly class FigureRange
{
    /**
     * @param BigDecimal|null $min  null: there is no least
     * @param BigDecimal|null $max  null: there is no most
     * @param string          $unit mm, in, l, ml, us_qt, us_fl_oz, rpm, or span: a share of what lies between the marks
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

    public function figure(BigDecimal $figure): string
    {
        return $figure.' '.$this->unitText();
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
        return match ($this->unit) {
            'us_qt' => 'US qt',
            'us_fl_oz' => 'US fl oz',
            'span' => 'of the span',
            default => $this->unit,
        };
    }
}
