<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Usage;

use Eris\Generators;
use Eris\TestTrait;
use FreshTack\Core\Quantity\EngineHours;
use FreshTack\Core\Usage\HourLog;
use FreshTack\Core\Usage\HourReading;
use FreshTack\Core\Usage\NewMeter;
use FreshTack\Core\Usage\ReadingSource;
use PHPUnit\Framework\TestCase;

final class HourLogTest extends TestCase
{
    use TestTrait;

    public function testATotalGoesOnOverANewMeter(): void
    {
        // 431.7 h on the old meter, the new one fitted at 0.0 h: 2.2 h on it are 433.9 h in all
        $offset = (new NewMeter(EngineHours::of('431.7'), EngineHours::zero()))->offsetTenths(0);

        self::assertSame('433.9', (new HourReading(self::day('2025-06-01'), EngineHours::of('2.2'), $offset))->total()->text());
    }

    public function testASecondNewMeterAddsToTheFirst(): void
    {
        $first = (new NewMeter(EngineHours::of('431.7'), EngineHours::zero()))->offsetTenths(0);
        // the second one ended at 100.0 h, and the third was set to 500.0 h by the workshop
        $second = (new NewMeter(EngineHours::of('100'), EngineHours::of('500')))->offsetTenths($first);

        self::assertSame('541.7', (new HourReading(self::day('2025-06-01'), EngineHours::of('510.0'), $second))->total()->text());
    }

    public function testAnEstimateIsKeptAndNeverCounted(): void
    {
        $log = new HourLog([
            new HourReading(self::day('2025-06-01'), EngineHours::of('100')),
            new HourReading(self::day('2025-09-01'), EngineHours::of('300'), 0, ReadingSource::Estimate),
        ]);

        self::assertSame('100.0', $log->total()?->text());
        self::assertCount(2, $log->readings);
        self::assertNull((new HourLog([]))->total());
    }

    public function testReadingsComeInAnyOrder(): void
    {
        $log = new HourLog([new HourReading(self::day('2025-09-01'), EngineHours::of('300')), new HourReading(self::day('2025-06-01'), EngineHours::of('100'))]);

        self::assertSame('300.0', $log->latest()?->meter->text());
        self::assertSame('100.0', $log->lastUntil(self::day('2025-08-31'))?->meter->text());
        self::assertSame('300.0', $log->firstAfter(self::day('2025-06-01'))?->meter->text());
        self::assertNull($log->lastUntil(self::day('2025-05-31')));
    }

    public function testHoweverManyMetersTheTotalIsTheSumOfWhatEachRan(): void
    {
        $this->limitTo(200)->forAll(Generators::vector(4, Generators::choose(0, 5000)), Generators::vector(4, Generators::choose(0, 500)))->then(static function (array $ran, array $starts): void {
            $ran = array_values(array_filter($ran, is_int(...)));
            $starts = array_values(array_filter($starts, is_int(...)));
            $offset = -($starts[0] ?? 0);
            $total = 0;
            foreach ($ran as $meter => $tenths) {
                $total += $tenths;
                $shown = new HourReading(self::day('2025-06-01'), EngineHours::ofTenths(($starts[$meter] ?? 0) + $tenths), $offset);
                self::assertSame($total, $shown->total()->tenths);
                $offset = (new NewMeter($shown->meter, EngineHours::ofTenths($starts[$meter + 1] ?? 0)))->offsetTenths($offset);
            }
        });
    }

    private static function day(string $day): \DateTimeImmutable
    {
        return new \DateTimeImmutable($day.' UTC');
    }
}
