<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Quantity;

use FreshTack\Core\Quantity\EngineHours;
use FreshTack\Core\Quantity\InvalidQuantity;
use FreshTack\Core\Quantity\Length;
use FreshTack\Core\Quantity\LengthUnit;
use FreshTack\Core\Quantity\Minutes;
use FreshTack\Core\Quantity\Temperature;
use FreshTack\Core\Quantity\Torque;
use FreshTack\Core\Quantity\TorqueUnit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class QuantitiesTest extends TestCase
{
    /** @return iterable<string, array{string, TorqueUnit, TorqueUnit, string}> */
    public static function torques(): iterable
    {
        // 1 ft·lbf = 0.3048 m × 4.4482216152605 N = 1.3558179483314004 N·m
        yield 'foot-pounds in newton metres' => ['19', TorqueUnit::FootPound, TorqueUnit::NewtonMetre, '25.7605'];
        yield 'inch-pounds in newton metres' => ['58', TorqueUnit::InchPound, TorqueUnit::NewtonMetre, '6.5531'];
        yield 'newton metres in foot-pounds' => ['8.5', TorqueUnit::NewtonMetre, TorqueUnit::FootPound, '6.2693'];
        yield 'twelve inch-pounds make a foot-pound' => ['12', TorqueUnit::InchPound, TorqueUnit::FootPound, '1.0000'];
    }

    #[DataProvider('torques')]
    public function testConvertsTorque(string $value, TorqueUnit $from, TorqueUnit $to, string $expected): void
    {
        self::assertSame($expected, Torque::of($value, $from)->in($to, 4));
    }

    public function testATorqueShowsItsSourceFigureAndMarksTheConvertedOne(): void
    {
        $torque = Torque::of('8.5', TorqueUnit::NewtonMetre);

        self::assertSame(['8.5 N·m', '≈ 6.3 ft·lb'], [$torque->asGiven(), $torque->converted()]);
    }

    public function testAnInchSizeIsNeverCalledByItsMillimetres(): void
    {
        self::assertSame('0.3125 in', Length::of('0.3125', LengthUnit::Inch)->asGiven());
    }

    /** @return iterable<string, array{string, int}> */
    public static function hours(): iterable
    {
        yield 'tenths' => ['611.4', 6114];
        yield 'whole hours' => ['600', 6000];
        yield 'a zero behind the tenths' => ['611.40', 6114];
        yield 'none' => ['0', 0];
        yield 'the largest meter' => ['99999.9', 999999];
    }

    #[DataProvider('hours')]
    public function testReadsHoursInTenths(string $text, int $tenths): void
    {
        self::assertSame($tenths, EngineHours::of($text)->tenths);
    }

    /** @return iterable<string, array{\Closure(): mixed}> */
    public static function refused(): iterable
    {
        yield 'hours finer than a meter shows' => [static fn () => EngineHours::of('611.45')];
        yield 'hours beyond any meter' => [static fn () => EngineHours::of('100000')];
        yield 'hours below zero' => [static fn () => EngineHours::of('-1')];
        yield 'tenths below zero' => [static fn () => EngineHours::ofTenths(-1)];
        yield 'minutes below zero' => [static fn () => Minutes::of(-1)];
        yield 'air colder than any' => [static fn () => Temperature::ofCelsius(-61)];
        yield 'air hotter than any' => [static fn () => Temperature::ofCelsius(61)];
        yield 'a torque below zero' => [static fn () => Torque::of('-3', TorqueUnit::NewtonMetre)];
        yield 'a length of words' => [static fn () => Length::of('ten', LengthUnit::Millimetre)];
        yield 'a torque in an unknown unit' => [static fn () => TorqueUnit::of('kgm')];
        yield 'a length in an unknown unit' => [static fn () => LengthUnit::of('cm')];
    }

    /** @param \Closure(): mixed $make */
    #[DataProvider('refused')]
    public function testRefusesRatherThanRounds(\Closure $make): void
    {
        $this->expectException(InvalidQuantity::class);
        $make();
    }

    public function testHoursAreAddedAndComparedInTenths(): void
    {
        $limit = EngineHours::of('442.6')->plus(EngineHours::of('160'));

        self::assertSame('602.6', $limit->text());
        self::assertSame(-88, EngineHours::of('611.4')->tenthsUntil($limit));
    }

    public function testColdAirIsWrittenWithAMinusSign(): void
    {
        self::assertSame('−7 °C', Temperature::ofCelsius(-7)->text());
    }
}
