<?php

declare(strict_types=1);

namespace FreshTack\Core\Fastening;

use Brick\Math\BigRational;
use Brick\Math\Exception\MathException;

/** Turns of a screw, an exact fraction, written as people write it: `3/4`, `1 1/2`, `2`. */
final readonly class Turns
{
    private const GLYPHS = ['1/8' => '⅛', '1/4' => '¼', '3/8' => '⅜', '1/2' => '½', '5/8' => '⅝', '3/4' => '¾', '7/8' => '⅞', '1/3' => '⅓', '2/3' => '⅔'];

    private function __construct(private BigRational $turns)
    {
    }

    /** @throws InvalidTightening if the text is no number of turns from just above 0 to 20 */
    public static function of(string $text): self
    {
        if (1 !== preg_match('#^(?:(\d{1,2}) )?(\d{1,2})/([1-9]\d?)$|^(\d{1,2}(?:\.\d{1,3})?)$#', trim($text), $part)) {
            throw InvalidTightening::notTurns($text);
        }

        try {
            $turns = isset($part[4])
                ? BigRational::of($part[4])
                : BigRational::of($part[2].'/'.$part[3])->plus('' === $part[1] ? 0 : (int) $part[1]);
        } catch (MathException) {
            throw InvalidTightening::notTurns($text);
        }

        return $turns->isPositive() && $turns->isLessThanOrEqualTo(20) ? new self($turns) : throw InvalidTightening::notTurns($text);
    }

    public function isAtLeast(self $other): bool
    {
        return $this->turns->isGreaterThanOrEqualTo($other->turns);
    }

    public function text(): string
    {
        $turns = $this->turns;
        $whole = $turns->getIntegralPart();
        $rest = (string) $turns->minus($whole);
        $glyph = '0' === $rest ? '' : (self::GLYPHS[$rest] ?? ' '.$rest);

        return trim(($whole->isZero() ? '' : (string) $whole).$glyph);
    }

    public function withUnit(): string
    {
        return $this->text().($this->turns->isGreaterThan(1) ? ' turns' : ' turn');
    }

    /** An exact fraction that `of()` reads back: `5/8`, `3/2` comes as `1 1/2`. */
    public function exact(): string
    {
        $turns = $this->turns;
        $whole = $turns->getIntegralPart();
        $rest = (string) $turns->minus($whole);

        return match (true) {
            '0' === $rest => (string) $whole,
            $whole->isZero() => $rest,
            default => $whole.' '.$rest,
        };
    }

    /** For drawing only. */
    public function toFloat(): float
    {
        return $this->turns->toFloat();
    }
}
