<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Usage;

use Eris\Generators;
use Eris\TestTrait;
use FreshTack\Core\Quantity\EngineHours;
use FreshTack\Core\Usage\HourLog;
use FreshTack\Core\Usage\HourReading;
use FreshTack\Core\Usage\Season;
use FreshTack\Core\Usage\UseRate;
use PHPUnit\Framework\TestCase;

final class UseRateTest extends TestCase
{
    use TestTrait;

    public function testEvenUseIsExpectedOnTheDayAndBothWaysByTheSameFactor(): void
    {
        // in service on 1 Jan 2025; 10 h a 10 days throughout: 1 h a day, and 30 h more take 30 days from the last reading
        $rate = UseRate::from(self::log(['2025-01-11' => '10', '2025-01-21' => '20', '2025-01-31' => '30', '2025-02-10' => '40']), self::day('2025-01-01'), Season::allYear());

        self::assertNotNull($rate);
        self::assertEqualsWithDelta(10.0, $rate->likely, 1e-9, 'tenths a day');
        self::assertSame([5, false], [$rate->points, $rate->isThin()]);
        $forecast = $rate->reach(300, self::day('2025-02-10'));
        self::assertNotNull($forecast);
        $days = static fn (?\DateTimeImmutable $day): int => self::day('2025-02-10')->diff($day ?? self::day('2025-02-10'))->days;
        self::assertSame(30, $days($forecast->likely));
        // a day is a day: each end is rounded up to one
        self::assertEqualsWithDelta($days($forecast->latest) / 30, 30 / $days($forecast->earliest), 0.12);
    }

    public function testOneWrongReadingHardlyMovesIt(): void
    {
        $right = ['2025-01-11' => '10', '2025-01-21' => '20', '2025-01-31' => '30', '2025-02-10' => '40', '2025-02-20' => '50', '2025-03-02' => '60'];
        $wrong = [...$right, '2025-01-31' => '330'];
        $rates = array_map(static fn (array $readings): float => UseRate::from(self::log($readings), self::day('2025-01-01'), Season::allYear())->likely ?? 0.0, [$right, $wrong]);

        self::assertEqualsWithDelta($rates[0], $rates[1], 0.35 * $rates[0]);
        // the mean would have gone from 1 h a day to more than 5
    }

    public function testFewReadingsSaySoAndGiveAWideRange(): void
    {
        $rate = UseRate::from(self::log(['2025-04-11' => '100']), self::day('2025-01-01'), Season::allYear());

        self::assertNotNull($rate);
        self::assertSame([2, true], [$rate->points, $rate->isThin()]);
        self::assertEqualsWithDelta(10.0, $rate->likely, 1e-9);
        $forecast = $rate->reach(1000, self::day('2025-04-11'));
        // 100 days at this rate; after a hundred days of one reading nobody knows it to a third
        self::assertLessThan(self::day('2025-04-11')->modify('+72 days'), $forecast?->earliest);
        self::assertGreaterThan(self::day('2025-04-11')->modify('+140 days'), $forecast?->latest);
        self::assertStringContainsString('only 2 points', $forecast?->text() ?? '');
    }

    public function testWithoutReadingsNothingIsKnown(): void
    {
        self::assertNull(UseRate::from(self::log([]), self::day('2025-01-01'), Season::allYear()));
        self::assertNull(UseRate::from(self::log(['2025-01-01' => '0']), self::day('2025-01-01'), Season::allYear()), 'no time has passed');
    }

    public function testAnEngineThatDoesNotRunNeverReachesALimit(): void
    {
        $rate = UseRate::from(self::log(['2024-06-01' => '50', '2025-01-01' => '50', '2025-06-01' => '50']), self::day('2020-01-01'), Season::allYear());

        self::assertNotNull($rate);
        self::assertSame(0.0, $rate->likely);
        self::assertNull($rate->reach(10, self::day('2025-06-01')));
    }

    public function testAChangeOfUseIsToldAndCountsFromThenOn(): void
    {
        // 1 h a day for two years; from May 2025 on a third of it
        $readings = [
            '2024-01-01' => '365',
            '2024-07-01' => '547',
            '2025-01-01' => '731',
            '2025-05-01' => '851',
            '2025-08-01' => '881',
            '2025-11-01' => '911.5',
        ];
        $rate = UseRate::from(self::log($readings), self::day('2023-01-01'), Season::allYear());

        self::assertNotNull($rate?->change);
        self::assertSame('2025-05-01', $rate->change->since->format('Y-m-d'));
        self::assertSame('since May 2025 about a third of before', $rate->change->text());
        self::assertSame(
            [true, false],
            array_map(static fn (string $day): bool => $rate->change->isNewsOn(self::day($day)), ['2025-11-01', '2026-05-01']),
        );
        // 60.5 h in 184 days
        self::assertEqualsWithDelta(3.3, $rate->likely, 0.4);
        self::assertNull(
            UseRate::from(self::log(\array_slice($readings, 0, 5)), self::day('2023-01-01'), Season::allYear())?->change,
            'one reading shows no change',
        );
    }

    public function testOldReadingsDoNotCount(): void
    {
        // 2 h a day until 2020, then 0.1 h a day for three years
        $log = ['2019-01-01' => '0', '2020-01-01' => '730', '2023-01-01' => '840', '2024-01-01' => '876.5', '2025-01-01' => '913.1'];

        self::assertEqualsWithDelta(1.0, UseRate::from(self::log($log), self::day('2019-01-01'), Season::allYear())->likely ?? 0.0, 0.02);
    }

    public function testASeasonStretchesTheForecastOverTheWinter(): void
    {
        // used from May to August only, 123 days a year; 1 h a day of them
        $summer = Season::of(array_fill(1, 12, 100), [5, 6, 7, 8]);
        $rate = UseRate::from(self::log(['2024-09-01' => '123', '2025-06-01' => '154', '2025-09-01' => '246']), self::day('2024-01-01'), $summer);
        self::assertNotNull($rate);
        self::assertEqualsWithDelta(10.0, $rate->likely, 1e-9);
        // 10 h more from 1 Sep: nothing until May, then ten days of it
        self::assertSame('2026-05-11', $rate->reach(100, self::day('2025-09-01'))?->likely->format('Y-m-d'));
        self::assertEqualsWithDelta(1230.0, $rate->tenthsAYear(self::day('2025-01-01')), 1e-6);
    }

    public function testTheShopsSeasonWeighsTheMonths(): void
    {
        $season = Season::of([...array_fill(1, 12, 100), 2 => 50], range(1, 12));

        // 28 days of February at half, 31 of March whole
        self::assertSame(14.0, $season->daysBetween(self::day('2025-02-01'), self::day('2025-03-01')));
        self::assertSame('2025-03-02', $season->dayAfter(self::day('2025-02-01'), 15.0)?->format('Y-m-d'));
        self::assertSame(29 * 0.5, $season->daysBetween(self::day('2024-02-01'), self::day('2024-03-01')), 'a leap year');
    }

    public function testAMonthThatTheShopCallsDeadCountsALittleForABoatUsedInIt(): void
    {
        $season = Season::of(array_fill(1, 12, 0), [1]);

        self::assertGreaterThan(0.0, $season->daysBetween(self::day('2025-01-01'), self::day('2025-02-01')));
        self::assertSame(0.0, $season->daysBetween(self::day('2025-02-01'), self::day('2025-03-01')));
    }

    public function testGoingThereAndBackAlongASeasonIsOneDayOffAtMost(): void
    {
        $this->limitTo(200)->forAll(Generators::vector(12, Generators::choose(1, 100)), Generators::choose(0, 3000), Generators::choose(0, 364))->then(static function (array $weights, int $days, int $start): void {
            /** @var array<int, int> $byMonth */
            $byMonth = array_combine(range(1, 12), $weights);
            $season = Season::of($byMonth, range(1, 12));
            $from = self::day('2025-01-01')->modify("+$start days");
            $to = $from->modify("+$days days");
            $back = $season->dayAfter($from, $season->daysBetween($from, $to));
            self::assertNotNull($back);
            self::assertLessThanOrEqual(1, $back->diff($to)->days);
        });
    }

    public function testTheRangeHoldsItsMiddleWhateverTheReadings(): void
    {
        $this->limitTo(200)->forAll(Generators::vector(6, Generators::choose(0, 3000)), Generators::choose(1, 4000))->then(static function (array $steps, int $left): void {
            $readings = [];
            $tenths = 0;
            foreach ($steps as $index => $step) {
                $tenths += \is_int($step) ? $step : 0;
                $readings[self::day('2024-01-01')->modify(\sprintf('+%d days', 40 * ($index + 1)))->format('Y-m-d')] = EngineHours::ofTenths($tenths)->text();
            }
            $rate = UseRate::from(self::log($readings), self::day('2024-01-01'), Season::allYear());
            self::assertNotNull($rate);
            $forecast = $rate->reach($left, self::day('2024-09-01'));
            if (null !== $forecast) {
                self::assertLessThanOrEqual($forecast->likely, $forecast->earliest);
                self::assertTrue(null === $forecast->latest || $forecast->latest >= $forecast->likely);
            }
        });
    }

    /** @param array<string, string> $readings hours by day */
    private static function log(array $readings): HourLog
    {
        return new HourLog(array_map(static fn (string $day, string $hours): HourReading => new HourReading(self::day($day), EngineHours::of($hours)), array_keys($readings), array_values($readings)));
    }

    private static function day(string $day): \DateTimeImmutable
    {
        return new \DateTimeImmutable($day.' UTC');
    }
}
