<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Schedule;

use FreshTack\Core\Quantity\EngineHours;
use FreshTack\Core\Schedule\Action;
use FreshTack\Core\Schedule\LastDone;
use FreshTack\Core\Schedule\Served;
use FreshTack\Core\Schedule\ServiceLog;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ServiceLogTest extends TestCase
{
    /** @return iterable<string, array{string, Action, string|null}> component, action, the day that counts */
    public static function asked(): iterable
    {
        yield 'an inspection resets inspections' => ['belt', Action::Inspect, '2025-06-01'];
        yield 'a renewal is older than the inspection, and its own clock' => ['belt', Action::Renew, '2024-05-01'];
        yield 'nothing ever resets an adjustment here but the renewal' => ['belt', Action::Adjust, '2024-05-01'];
        yield 'a renewal after an inspection resets that too' => ['pump', Action::Inspect, '2025-09-01'];
        yield 'a lubrication is no inspection' => ['propeller', Action::Inspect, null];
        yield 'another component' => ['anodes', Action::Renew, null];
    }

    #[DataProvider('asked')]
    public function testEachActionHasItsOwnClockAndARenewalResetsAllOfThem(string $component, Action $action, ?string $day): void
    {
        $log = new ServiceLog([
            self::served('belt', Action::Inspect, '2025-06-01'),
            self::served('belt', Action::Renew, '2024-05-01'),
            self::served('belt', Action::Inspect, '2023-06-01'),
            self::served('pump', Action::Inspect, '2025-01-01'),
            self::served('pump', Action::Renew, '2025-09-01'),
            self::served('propeller', Action::Lubricate, '2025-09-01'),
        ]);

        self::assertSame($day, $log->last($component, $action)?->on->format('Y-m-d'));
    }

    public function testOfOneDayTheOneWithMoreHoursCounts(): void
    {
        $log = new ServiceLog([
            self::served('oil', Action::Renew, '2025-06-01', '210'),
            self::served('oil', Action::Renew, '2025-06-01', '200'),
            self::served('oil', Action::Renew, '2025-06-01'),
        ]);

        self::assertSame('210.0', $log->last('oil', Action::Renew)?->at?->text());
    }

    private static function served(string $component, Action $action, string $day, ?string $hours = null): Served
    {
        return new Served($component, $action, new LastDone(new \DateTimeImmutable($day.' UTC'), null === $hours ? null : EngineHours::of($hours)));
    }
}
