<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Fluid;

use FreshTack\Core\Fluid\AirRange;
use FreshTack\Core\Fluid\GradeChart;
use FreshTack\Core\Fluid\GradeRange;
use FreshTack\Core\Fluid\SeasonTable;
use FreshTack\Core\Quantity\InvalidQuantity;
use FreshTack\Core\Quantity\Temperature;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class GradeChartTest extends TestCase
{
    /** @return iterable<string, array{int, int, list<string>, string|null}> coldest, warmest, what the shop prefers, the grade */
    public static function airs(): iterable
    {
        yield 'the preferred grade fits' => [-4, 29, [], '10W-40'];
        yield 'both ends exactly on the chart' => [-12, 41, [], '10W-40'];
        yield 'one degree too cold for the preferred' => [-13, 20, [], '5W-30'];
        yield 'the sheet goes before the shop' => [0, 20, ['5W-30'], '10W-40'];
        yield 'among the others the shop decides' => [-20, 10, ['0W-30', '5W-30'], '0W-30'];
        yield 'without a wish of the shop the first of the chart' => [-20, 10, [], '5W-30'];
        yield 'too warm for the thin ones, too cold for the preferred' => [-13, 23, [], null];
        yield 'hotter than any' => [10, 42, [], null];
    }

    /** @param list<string> $shop */
    #[DataProvider('airs')]
    public function testChoosesOneGradeForTheWholeSpanOfAir(int $coldest, int $warmest, array $shop, ?string $expected): void
    {
        self::assertSame($expected, self::chart()->choose(self::air($coldest, $warmest), $shop)?->range->grade);
    }

    public function testSaysWhyItChose(): void
    {
        self::assertSame(
            'Air from −4 °C to 29 °C: 10W-40 covers −12 °C to 41 °C, and the sheet prefers it.',
            self::chart()->choose(self::air(-4, 29), [])?->why(self::air(-4, 29)),
        );
    }

    public function testAirThatIsWarmerAtItsColdestIsRefused(): void
    {
        $this->expectException(InvalidQuantity::class);
        self::air(5, 4);
    }

    /** @return iterable<string, array{non-empty-list<int>, string}> months used, the air */
    public static function seasons(): iterable
    {
        yield 'all year' => [[1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12], '−12 °C to 12 °C'];
        yield 'summer only' => [[6, 7, 8], '−6 °C to 8 °C'];
        yield 'one month' => [[12], '−12 °C to 12 °C'];
        yield 'over the turn of the year' => [[12, 1], '−12 °C to 12 °C'];
    }

    /** @param non-empty-list<int> $months */
    #[DataProvider('seasons')]
    public function testFillsInTheAirOfTheMonthsInWhichABoatIsUsed(array $months, string $expected): void
    {
        // month n reaches from −n to n °C in this made-up climate
        self::assertSame($expected, self::seasonTable()->airFor($months)->text());
    }

    public function testAMonthThatIsNoneIsRefused(): void
    {
        $this->expectException(InvalidQuantity::class);
        self::seasonTable()->airFor([13]);
    }

    public function testASeasonTableNeedsAllTwelveMonths(): void
    {
        $this->expectException(InvalidQuantity::class);
        SeasonTable::of([1 => self::air(0, 1)]);
    }

    private static function seasonTable(): SeasonTable
    {
        $months = [];
        foreach (range(1, 12) as $month) {
            $months[$month] = self::air(-$month, $month);
        }
        $months[8] = self::air(-6, 8);
        $months[7] = self::air(-6, 7);

        return SeasonTable::of($months);
    }

    private static function chart(): GradeChart
    {
        $range = static fn (string $grade, int $from, int $to, bool $preferred): GradeRange => new GradeRange($grade, Temperature::ofCelsius($from), Temperature::ofCelsius($to), $preferred);

        return new GradeChart($range('5W-30', -27, 22, false), $range('10W-40', -12, 41, true), $range('0W-30', -35, 18, false));
    }

    private static function air(int $coldest, int $warmest): AirRange
    {
        return AirRange::of(Temperature::ofCelsius($coldest), Temperature::ofCelsius($warmest));
    }
}
