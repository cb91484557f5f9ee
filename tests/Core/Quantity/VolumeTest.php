<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Quantity;

use Eris\Generators;
use Eris\TestTrait;
use FreshTack\Core\Quantity\InvalidQuantity;
use FreshTack\Core\Quantity\Volume;
use FreshTack\Core\Quantity\VolumeUnit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class VolumeTest extends TestCase
{
    use TestTrait;

    /** @return iterable<string, array{string, VolumeUnit, int, int}> value, unit, ml rounded up, ml rounded down */
    public static function volumes(): iterable
    {
        yield 'whole millilitres' => ['750', VolumeUnit::Millilitre, 750, 750];
        yield 'litres to the hundredth' => ['5.46', VolumeUnit::Litre, 5460, 5460];
        // 231 in³ of 16.387064 ml make a gallon of 3785.411784 ml; a quart is its fourth part, 946.352946 ml
        yield 'one US quart' => ['1', VolumeUnit::UsQuart, 947, 946];
        yield 'one US gallon' => ['1', VolumeUnit::UsGallon, 3786, 3785];
        yield 'a third of a US gallon in fluid ounces' => ['42.67', VolumeUnit::UsFluidOunce, 1262, 1261];
        yield 'one imperial quart' => ['1', VolumeUnit::ImperialQuart, 1137, 1136];
        yield 'one imperial pint' => ['1', VolumeUnit::ImperialPint, 569, 568];
        yield 'nothing' => ['0', VolumeUnit::Litre, 0, 0];
    }

    #[DataProvider('volumes')]
    public function testCountsANeedUpAndAContainerDown(string $value, VolumeUnit $unit, int $up, int $down): void
    {
        $volume = Volume::of($value, $unit);

        self::assertSame([$up, $down], [$volume->millilitresUp(), $volume->millilitresDown()]);
    }

    /** @return iterable<string, array{string}> */
    public static function refused(): iterable
    {
        yield 'below zero' => ['-0.01'];
        yield 'a comma' => ['1,5'];
        yield 'a unit inside' => ['1.5 l'];
        yield 'nothing at all' => [''];
        yield 'an exponent' => ['1e3'];
        yield 'a fraction' => ['1/2'];
    }

    #[DataProvider('refused')]
    public function testRefusesWhatIsNoAmount(string $value): void
    {
        $this->expectException(InvalidQuantity::class);
        Volume::of($value, VolumeUnit::Litre);
    }

    public function testKeepsTheFigureOfItsSourceAndMarksTheOtherUnitByRounding(): void
    {
        self::assertSame('5.46 l (5.77 US qt)', Volume::of('5.46', VolumeUnit::Litre)->inBothUnits());
        self::assertSame('2.73 US qt (2.58 l)', Volume::of('2.73', VolumeUnit::UsQuart)->inBothUnits());
        self::assertSame('4.90 l (5.18 US qt)', Volume::whole(4900)->inBothUnits());
        // 1 imp pt is 568.26125 ml
        self::assertSame('1.5 imp pt (852 ml)', Volume::of('1.5', VolumeUnit::ImperialPint)->inBothUnits());
    }

    /** @return iterable<string, array{Volume, string}> a US fl oz is 29.5735 ml */
    public static function small(): iterable
    {
        yield 'nothing is lost to rounding' => [Volume::whole(187), '187 ml (6.3 US fl oz)'];
        yield 'a seventh of a pint' => [Volume::whole(71), '71 ml (2.4 US fl oz)'];
        yield 'fluid ounces of the source' => [Volume::of('24.7', VolumeUnit::UsFluidOunce), '24.7 US fl oz (730 ml)'];
        yield 'a part of a litre, as its source has it' => [Volume::of('0.92', VolumeUnit::Litre), '920 ml (31.1 US fl oz)'];
        yield 'a millilitre short of a litre' => [Volume::whole(999), '999 ml (33.8 US fl oz)'];
        yield 'a litre' => [Volume::whole(1000), '1.00 l (1.06 US qt)'];
        yield 'a litre and a few' => [Volume::whole(1187), '1.187 l (1.25 US qt)'];
    }

    #[DataProvider('small')]
    public function testNoDigitThatIsToldIsWrong(Volume $volume, string $told): void
    {
        self::assertSame($told, $volume->inBothUnits());
    }

    public function testASumOfOneUnitStaysInIt(): void
    {
        $quarts = Volume::of('2.5', VolumeUnit::UsQuart);
        self::assertSame('4.27 US qt (4.04 l)', $quarts->plus(Volume::of('1.77', VolumeUnit::UsQuart))->inBothUnits());
        // 2365.88 ml and 100 ml
        self::assertSame('2.466 l (2.61 US qt)', $quarts->plus(Volume::whole(100))->inBothUnits());
    }

    public function testNamesTheShortageIfQuartsAreBoughtForLitres(): void
    {
        // 10.92 × (1000 − 946.352946) ml = 585.83 ml
        self::assertSame(586, Volume::of('10.92', VolumeUnit::Litre)->millilitresShortAsQuarts());
        // 5.5 US qt are 5204.94 ml; 5.5 l are 295.06 ml more
        self::assertSame(295, Volume::of('5.5', VolumeUnit::UsQuart)->millilitresOverAsLitres());
    }

    public function testUnknownUnitNamesTheKnownOnes(): void
    {
        $this->expectExceptionMessage('"qt" is not a unit for this. Use one of: ml, l, us_qt, us_gal, us_fl_oz, imp_qt, imp_pt.');
        VolumeUnit::of('qt');
    }

    public function testASumIsExactInAnyOrder(): void
    {
        $this->forAll(Generators::choose(0, 99999), Generators::choose(0, 99999), Generators::elements(VolumeUnit::cases()), Generators::elements(VolumeUnit::cases()))
            ->then(static function (int $a, int $b, VolumeUnit $unitA, VolumeUnit $unitB): void {
                $first = Volume::of(\sprintf('%d.%03d', intdiv($a, 1000), $a % 1000), $unitA);
                $second = Volume::of(\sprintf('%d.%03d', intdiv($b, 1000), $b % 1000), $unitB);

                self::assertSame($first->plus($second)->in(VolumeUnit::Millilitre, 12), $second->plus($first)->in(VolumeUnit::Millilitre, 12));
                self::assertTrue($first->plus($second)->isAtLeast($first));
            });
    }

    public function testGoingToAnotherUnitAndBackDriftsByNothing(): void
    {
        $this->forAll(Generators::choose(0, 9_999_999), Generators::elements(VolumeUnit::cases()))
            ->then(static function (int $thousandths, VolumeUnit $unit): void {
                $value = \sprintf('%d.%03d', intdiv($thousandths, 1000), $thousandths % 1000);
                $there = Volume::of(Volume::of($value, $unit)->in(VolumeUnit::Millilitre, 12), VolumeUnit::Millilitre);

                self::assertSame($value, $there->in($unit, 3));
            });
    }
}
