<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Quantity;

use FreshTack\Core\Quantity\InvalidQuantity;
use FreshTack\Core\Quantity\Length;
use FreshTack\Core\Quantity\LengthUnit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class LengthTest extends TestCase
{
    /** @return iterable<string, array{string, LengthUnit, string, float}> an inch is 25.4 mm */
    public static function lengths(): iterable
    {
        yield 'millimetres' => ['13', LengthUnit::Millimetre, '13 mm', 13.0];
        yield 'decimal inches' => ['0.5', LengthUnit::Inch, '0.5 in', 12.7];
        yield 'a fraction of an inch' => ['9/16', LengthUnit::Inch, '9/16 in', 14.2875];
        yield 'inches and a fraction' => ['1 1/16', LengthUnit::Inch, '1 1/16 in', 26.9875];
    }

    #[DataProvider('lengths')]
    public function testKeepsTheFigureOfItsSource(string $value, LengthUnit $unit, string $told, float $millimetres): void
    {
        $length = Length::of($value, $unit);

        self::assertSame($told, $length->asGiven());
        self::assertEqualsWithDelta($millimetres, $length->inMillimetres(), 1e-9);
    }

    /** @return iterable<string, array{string, LengthUnit}> */
    public static function refused(): iterable
    {
        yield 'a fraction of a millimetre' => ['9/16', LengthUnit::Millimetre];
        yield 'thirds of an inch' => ['1/3', LengthUnit::Inch];
        yield 'below zero' => ['-1', LengthUnit::Millimetre];
        yield 'two blanks' => ['1  1/16', LengthUnit::Inch];
    }

    #[DataProvider('refused')]
    public function testRefusesWhatNoSocketSays(string $value, LengthUnit $unit): void
    {
        $this->expectException(InvalidQuantity::class);
        Length::of($value, $unit);
    }
}
