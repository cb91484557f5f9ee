<?php

declare(strict_types=1);

namespace FreshTack\Core\Quantity;

use Brick\Math\BigRational;
use Brick\Math\Exception\MathException;
use Brick\Math\RoundingMode;

/** A figure in one unit and the same in another: exact where the decimals end, to 12 significant digits where they don't. */
final readonly class Conversion
{
    private const DIGITS = 12;

    private function __construct(private string $given, private Unit $from, private Unit $to, public string $result, public bool $exact)
    {
    }

    /** @throws InvalidQuantity if the value is no decimal, a unit is unknown, or the two are of different kinds */
    public static function of(string $value, string $from, string $to): self
    {
        $number = Decimal::parse($value);
        [$source, $target] = [Unit::of($from), Unit::of($to)];
        if ($source->kind !== $target->kind) {
            throw InvalidQuantity::otherKind($from, $source->kind->value, $to, $target->kind->value);
        }

        try {
            $result = $target->fromBase($source->toBase(BigRational::of($number)));
            $exact = self::ends($result);

            return new self($value, $source, $target, $exact ? Decimal::plain($result->toBigDecimal()) : self::rounded($result), $exact);
        } catch (MathException) {
            throw InvalidQuantity::notDecimal($value);
        }
    }

    public function text(): string
    {
        return \sprintf('%s %s %s %s %s', $this->given, $this->from->code, $this->exact ? '=' : '≈', $this->result, $this->to->code);
    }

    /** A fraction, which is always in lowest terms here, has an end in decimals if 2 and 5 are all that divides below the line. */
    private static function ends(BigRational $value): bool
    {
        $rest = $value->getDenominator();
        foreach ([2, 5] as $prime) {
            while ($rest->isGreaterThan(1) && $rest->mod($prime)->isZero()) {
                $rest = $rest->quotient($prime);
            }
        }

        return $rest->isEqualTo(1);
    }

    private static function rounded(BigRational $value): string
    {
        $whole = $value->abs()->toScale(0, RoundingMode::Down);
        if (!$whole->isZero()) {
            return Decimal::plain($value->toScale(max(0, self::DIGITS - \strlen((string) $whole)), RoundingMode::HalfUp));
        }
        $leading = (string) $value->abs()->toScale(30, RoundingMode::Down);
        $noughts = strspn($leading, '0', 2);

        return Decimal::plain($value->toScale(self::DIGITS + $noughts, RoundingMode::HalfUp));
    }
}
