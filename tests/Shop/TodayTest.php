<?php

declare(strict_types=1);

namespace FreshTack\Tests\Shop;

use FreshTack\Core\Finding\ShopAnswers;
use FreshTack\Core\Fluid\SeasonTable;
use FreshTack\Core\Order\OrderPolicy;
use FreshTack\Core\Plan\WorkingHours;
use FreshTack\Core\Policy\Schools;
use FreshTack\Core\Quantity\EngineHours;
use FreshTack\Core\Schedule\DuePolicy;
use FreshTack\Shop\Settings\Premises;
use FreshTack\Shop\Settings\SettingsPart;
use FreshTack\Shop\ShopSettings;
use FreshTack\Shop\Today;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Clock\MockClock;

final class TodayTest extends TestCase
{
    /** @return iterable<string, array{string, string, string}> instant (UTC), the shop's zone, its day */
    public static function instants(): iterable
    {
        yield 'noon' => ['2026-03-18 12:00', 'Europe/Dublin', '2026-03-18'];
        yield 'late in the evening, west of Greenwich' => ['2026-03-19 02:30', 'America/Halifax', '2026-03-18'];
        yield 'late in the evening, east of it' => ['2026-03-18 23:30', 'Asia/Tokyo', '2026-03-19'];
        yield 'the last hour before midnight in summer time' => ['2026-06-30 23:30', 'Europe/Dublin', '2026-07-01'];
        yield 'the same in winter time' => ['2026-01-31 23:30', 'Europe/Dublin', '2026-01-31'];
        yield 'the hour that is skipped in spring' => ['2026-03-29 01:30', 'Europe/Dublin', '2026-03-29'];
        yield 'a leap day' => ['2028-02-29 12:00', 'Europe/Dublin', '2028-02-29'];
    }

    #[DataProvider('instants')]
    public function testTheDayIsTheShops(string $instant, string $zone, string $day): void
    {
        $today = (new Today(new MockClock($instant, 'UTC'), self::shopIn($zone)))();

        self::assertSame($day.'T00:00:00+00:00', $today->format(\DATE_ATOM));
    }

    private static function shopIn(string $zone): ShopSettings
    {
        return new class($zone) implements ShopSettings {
            public function __construct(private readonly string $zone)
            {
            }

            public function name(): string
            {
                return 'Quillon Harbour Marine';
            }

            public function premises(): Premises
            {
                throw new \LogicException('Not asked for here.');
            }

            public function part(SettingsPart $part): array
            {
                throw new \LogicException('Not asked for here.');
            }

            public function changePart(array $kept, int $version): void
            {
                throw new \LogicException('Not asked for here.');
            }

            public function places(): array
            {
                throw new \LogicException('Not asked for here.');
            }

            public function zone(): \DateTimeZone
            {
                return new \DateTimeZone($this->zone);
            }

            public function currency(): string
            {
                return 'EUR';
            }

            public function seasons(): SeasonTable
            {
                throw new \LogicException('Not asked for here.');
            }

            public function duePolicy(): DuePolicy
            {
                return new DuePolicy(EngineHours::zero(), 0, EngineHours::zero(), 0);
            }

            public function useByMonth(): array
            {
                return [];
            }

            public function version(): int
            {
                return 1;
            }

            public function changeDue(DuePolicy $policy, array $useByMonth, int $version): void
            {
            }

            public function schools(): Schools
            {
                throw new \LogicException();
            }

            public function changeSchools(Schools $schools, int $version): void
            {
            }

            public function answers(): ShopAnswers
            {
                throw new \LogicException();
            }

            public function changeAnswers(ShopAnswers $answers, int $version): void
            {
            }

            public function workingHours(): WorkingHours
            {
                throw new \LogicException();
            }

            public function torqueWrenches(): array
            {
                return [];
            }

            public function orderPolicy(): OrderPolicy
            {
                throw new \LogicException();
            }

            public function demoPassword(): ?string
            {
                return null;
            }

            public function wasteContainers(): array
            {
                return [];
            }

            public function demoPin(): ?string
            {
                return null;
            }
        };
    }
}
