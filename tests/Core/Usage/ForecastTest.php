<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Usage;

use FreshTack\Core\Quantity\EngineHours;
use FreshTack\Core\Usage\HourLog;
use FreshTack\Core\Usage\HourReading;
use FreshTack\Core\Usage\Season;
use FreshTack\Core\Usage\UseRate;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * The range of a forecast holds the day in eight cases of ten. Engines are made up with a seed: 20 to 500 h a year, weeks
 * that are used or not and unlike each other, years that are unlike each other, readings on days that nobody chose.
 * docs/decisions/0028-the-forecast.md has the table of 2,000 engines of each kind.
 */
final class ForecastTest extends TestCase
{
    private const ENGINES = 200;
    /** Two hundred engines come out within six of a hundred of what thousands do. */
    private const OFF_PERCENT = 10;
    private const AFTER_CHANGE_PERCENT = 60;
    /** In which a boat that is laid up is used. */
    private const MONTHS = [3, 4, 5, 6, 7, 8, 9, 10];

    private Randomizer $dice;

    /** @return iterable<string, array{int, float, float, float, string}> readings, share of idle weeks, how unlike weeks and years are, what is special */
    public static function kinds(): iterable
    {
        foreach ([3, 15, 25] as $readings) {
            yield "weeks unlike each other, $readings readings" => [$readings, 0.4, 1.0, 0.0, ''];
            yield "years unlike each other, $readings readings" => [$readings, 0.0, 0.0, 0.4, ''];
            yield "both, $readings readings" => [$readings, 0.0, 1.0, 0.3, ''];
        }
        yield 'a replaced meter' => [15, 0.0, 1.0, 0.3, 'meter'];
        yield 'fourteen months without a reading' => [15, 0.0, 1.0, 0.3, 'gap'];
        yield 'laid up from November to February, as its months say' => [15, 0.0, 1.0, 0.3, 'lay-up'];
        yield 'one wild reading' => [15, 0.0, 1.0, 0.3, 'wild'];
        yield 'a wild last reading' => [15, 0.0, 1.0, 0.3, 'wild last'];
    }

    #[DataProvider('kinds')]
    public function testTheRangeHoldsTheDayInEightCasesOfTen(int $readings, float $idle, float $weeks, float $years, string $special): void
    {
        self::assertEqualsWithDelta(80, $this->insidePercent($readings, $idle, $weeks, $years, $special), self::OFF_PERCENT);
    }

    /** @return iterable<string, array{float}> */
    public static function changes(): iterable
    {
        yield 'half of before' => [0.5];
        yield 'twice as much' => [2.0];
    }

    #[DataProvider('changes')]
    public function testAfterAChangeOfUseTwoReadingsAreEnough(float $factor): void
    {
        self::assertGreaterThanOrEqual(self::AFTER_CHANGE_PERCENT, $this->insidePercent(15, 0.0, 1.0, 0.3, 'change', $factor));
    }

    private function insidePercent(int $readings, float $idle, float $weeks, float $years, string $special, float $factor = 1.0): float
    {
        $this->dice = new Randomizer(new Mt19937(20_260_318));
        $inside = 0;
        for ($engine = 0; $engine < self::ENGINES; ++$engine) {
            $inside += $this->isInside($readings, $idle, $weeks, $years, $special, $factor) ? 1 : 0;
        }

        return 100 * $inside / self::ENGINES;
    }

    private function isInside(int $readings, float $idle, float $weeks, float $years, string $special, float $factor): bool
    {
        $now = ($readings <= 3 ? 400 : 900) + $this->dice->getInt(0, 300);
        $tenths = $this->life($now, $idle, $weeks, $years, $special, $factor);
        $began = self::began();
        $season = 'lay-up' === $special ? Season::of(array_fill(1, 12, 100), self::MONTHS) : Season::allYear();
        $log = new HourLog($this->readings($tenths, $now, $readings, $special, $began));
        $left = $this->dice->getInt(50, 1000);
        $forecast = UseRate::from($log, $began, $season)?->reach($left, $began->modify("+$now days"));
        $day = $now;
        while (isset($tenths[$day]) && $tenths[$day] < $tenths[$now] + $left) {
            ++$day;
        }
        if (null === $forecast) {
            // not within twenty years, is said: sixteen are lived here
            return !isset($tenths[$day]);
        }
        $true = $began->modify("+$day days");

        return $forecast->earliest->modify('-1 day') <= $true && (null === $forecast->latest || $true <= $forecast->latest->modify('+1 day'));
    }

    private static function began(): \DateTimeImmutable
    {
        return new \DateTimeImmutable('2018-01-01 UTC');
    }

    /** @return list<float> tenths of an hour by the end of each day in service */
    private function life(int $now, float $idle, float $weeks, float $years, string $special, float $factor): array
    {
        $usual = 10 * exp(log(120) + 0.6 * $this->normal()) / 365;
        [$year, $week] = [exp($years * $this->normal()), 1.0];
        $began = self::began();
        $tenths = [0.0];
        for ($day = 1; $day < $now + 6000; ++$day) {
            $year = 1 === $day % 365 ? exp($years * $this->normal()) : $year;
            if (1 === $day % 7) {
                $isIdle = $this->share() < $idle;
                $week = $isIdle ? 0.0 : (0.0 === $weeks ? 1.0 : $this->lump() / (1 - $idle));
            }
            $isLaidUp = 'lay-up' === $special && !\in_array((int) $began->modify("+$day days")->format('n'), self::MONTHS, true);
            $changed = 'change' === $special && $day > $now - 200 ? $factor : 1.0;
            $tenths[] = $tenths[$day - 1] + ($isLaidUp ? 0.0 : $usual * $year * $week * $changed);
        }

        return $tenths;
    }

    /**
     * @param list<float> $tenths
     *
     * @return list<HourReading>
     */
    private function readings(array $tenths, int $now, int $count, string $special, \DateTimeImmutable $began): array
    {
        $days = [$now => true];
        while (\count($days) < $count) {
            $day = $this->dice->getInt(20, $now - 20);
            $days += 'gap' === $special && $day > $now - 480 && $day < $now - 60 ? [] : [$day => true];
        }
        $days += 'change' === $special ? [$now - 120 => true, $now - 50 => true] : [];
        ksort($days);
        $days = array_keys($days);
        $wild = 'wild' === $special ? $this->dice->getInt(1, \count($days) - 3) : null;

        return array_map(function (int $day, int $place) use ($tenths, $now, $special, $wild, $began): HourReading {
            $shown = (int) $tenths[$day];
            $shown += $place === $wild ? (1 === $this->dice->getInt(0, 1) ? 3000 : -min($shown, 2000)) : 0;
            $shown += 'wild last' === $special && $day === $now ? $this->dice->getInt(1500, 4000) : 0;
            $old = 'meter' === $special && $day > $now - 400 ? (int) $tenths[$now - 400] : 0;

            return new HourReading($began->modify("+$day days"), EngineHours::ofTenths(max(0, $shown - $old)), $old);
        }, $days, array_keys($days));
    }

    /** Between 0 and 1, neither of them. */
    private function share(): float
    {
        return ($this->dice->getInt(0, 0x3FFFFFFF) + 0.5) / 0x40000000;
    }

    private function normal(): float
    {
        return sqrt(-2 * log($this->share())) * cos(2 * \M_PI * $this->share());
    }

    /** One week beside another: gamma of shape 1.5, its mean 1. */
    private function lump(): float
    {
        $d = 1.5 - 1 / 3;
        while (true) {
            $x = $this->normal();
            $v = (1 + $x / sqrt(9 * $d)) ** 3;
            if ($v > 0 && log($this->share()) < 0.5 * $x * $x + $d - $d * $v + $d * log($v)) {
                return $d * $v / 1.5;
            }
        }
    }
}
