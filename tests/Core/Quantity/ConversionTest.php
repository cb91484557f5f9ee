<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Quantity;

use FreshTack\Core\Quantity\Conversion;
use FreshTack\Core\Quantity\InvalidQuantity;
use FreshTack\Core\Quantity\Unit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ConversionTest extends TestCase
{
    /**
     * Exact ones by hand: a quart is 57.75 cubic inches of 2.54³ ml; 12 × 1.3558179483314004; (98.6 − 32) × 5 / 9 = 37.
     * Endless ones by long division: 1 / 946.352946; 68 × 5 / 9; 26 / 0.1129848290276167.
     *
     * @return iterable<string, array{string, string, string, string}>
     */
    public static function figures(): iterable
    {
        yield 'quarts in millilitres' => ['1.5', 'us_qt', 'ml', '1.5 us_qt = 1419.529419 ml'];
        yield 'a quart in fluid ounces' => ['1', 'us_qt', 'us_fl_oz', '1 us_qt = 32 us_fl_oz'];
        yield 'an imperial quart in pints' => ['1', 'imp_qt', 'imp_pt', '1 imp_qt = 2 imp_pt'];
        yield 'foot-pounds in newton metres' => ['12', 'ft_lb', 'nm', '12 ft_lb = 16.2698153799768048 nm'];
        yield 'foot-pounds in inch-pounds do not drift' => ['3', 'ft_lb', 'in_lb', '3 ft_lb = 36 in_lb'];
        yield 'millimetres in inches that end' => ['50.8', 'mm', 'in', '50.8 mm = 2 in'];
        yield 'body heat' => ['98.6', 'f', 'c', '98.6 f = 37 c'];
        yield 'where both scales meet' => ['-40', 'c', 'f', '-40 c = -40 f'];
        yield 'pounds in kilograms' => ['2', 'lb', 'kg', '2 lb = 0.90718474 kg'];
        yield 'minutes in hours' => ['90', 'min', 'h', '90 min = 1.5 h'];
        yield 'the same unit' => ['5.46', 'l', 'l', '5.46 l = 5.46 l'];
        yield 'nothing' => ['0', 'us_gal', 'l', '0 us_gal = 0 l'];
        yield 'no end, below one' => ['1', 'ml', 'us_qt', '1 ml ≈ 0.00105668820943 us_qt'];
        yield 'no end, above one' => ['100', 'f', 'c', '100 f ≈ 37.7777777778 c'];
        yield 'no end, below zero' => ['0', 'f', 'c', '0 f ≈ -17.7777777778 c'];
        yield 'no end, three digits before the point' => ['26', 'nm', 'in_lb', '26 nm ≈ 230.119390575 in_lb'];
    }

    #[DataProvider('figures')]
    public function testConverts(string $value, string $from, string $to, string $text): void
    {
        self::assertSame($text, Conversion::of($value, $from, $to)->text());
    }

    public function testEveryUnitComesBackFromEveryOtherOfItsKind(): void
    {
        foreach (Unit::codes() as $from) {
            foreach (Unit::codes() as $to) {
                $there = Unit::of($from)->kind === Unit::of($to)->kind ? Conversion::of('7.3', $from, $to) : null;
                if (true === $there?->exact && \strlen($there->result) <= 13) {
                    self::assertSame('7.3', Conversion::of($there->result, $to, $from)->result, "$from to $to and back");
                }
            }
        }
    }

    /** @return iterable<string, array{string, string, string, string}> */
    public static function refused(): iterable
    {
        yield 'a volume as a torque' => ['1', 'ml', 'nm', 'ml is a volume and nm is a torque: one can\'t be turned into the other.'];
        yield 'a unit of no kind' => ['1', 'ml', 'cup', '"cup" is not a unit for this. Use one of: ml, l, us_qt, us_gal, us_fl_oz, imp_qt, imp_pt, nm, ft_lb, in_lb, kg, lb, mm, in, c, f, min, h.'];
        yield 'a comma' => ['1,5', 'ml', 'l', '"1,5" is not a decimal number. Write it as 3.75, without spaces or a unit.'];
    }

    #[DataProvider('refused')]
    public function testRefusesWithTheReason(string $value, string $from, string $to, string $message): void
    {
        $this->expectException(InvalidQuantity::class);
        $this->expectExceptionMessage($message);
        Conversion::of($value, $from, $to);
    }
}
