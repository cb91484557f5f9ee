<?php

declare(strict_types=1);

namespace FreshTack\Tests\Shop;

use FreshTack\Shop\Account\LoginThrottle;
use FreshTack\Shop\Account\Username;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Clock\MockClock;

final class LoginThrottleTest extends TestCase
{
    /** @return iterable<string, array{int, int}> failures, seconds to wait right after */
    public static function failures(): iterable
    {
        yield 'none' => [0, 0];
        yield 'four' => [4, 0];
        yield 'five' => [5, 5];
        yield 'six' => [6, 10];
        yield 'eight' => [8, 40];
        yield 'twelve' => [12, 640];
        yield 'thirteen: never more than a quarter of an hour' => [13, 900];
        yield 'very many' => [500, 900];
    }

    #[DataProvider('failures')]
    public function testEachFailureBeyondTheFifthDoublesTheWait(int $failures, int $seconds): void
    {
        $throttle = new LoginThrottle(new FailuresInMemory(), new MockClock('2026-03-18 09:00'));
        for ($count = 0; $count < $failures; ++$count) {
            $throttle->failed(Username::typed('ada'), '127.0.0.1');
        }

        self::assertSame($seconds, $throttle->secondsToWait(Username::typed('ada'), '127.0.0.1'));
        self::assertSame($failures < 50 ? 0 : 900, $throttle->secondsToWait(Username::typed('ines'), '127.0.0.1'), 'an address: after 50');
        self::assertSame(
            $failures < 20 ? 0 : 60,
            $throttle->secondsToWait(Username::typed('ada'), '127.0.0.2'),
            'from wherever: after 20, never more than a minute',
        );
    }

    public function testTheWaitEnds(): void
    {
        $clock = new MockClock('2026-03-18 09:00:00');
        $throttle = new LoginThrottle(new FailuresInMemory(), $clock);
        for ($count = 0; $count < 6; ++$count) {
            $throttle->failed(Username::typed('ada'), '127.0.0.1');
        }
        $clock->sleep(9);
        self::assertSame(1, $throttle->secondsToWait(Username::typed('ada'), '127.0.0.1'));
        $clock->sleep(1);
        self::assertSame(0, $throttle->secondsToWait(Username::typed('ada'), '127.0.0.1'));
    }

    public function testASuccessForgets(): void
    {
        $throttle = new LoginThrottle(new FailuresInMemory(), new MockClock('2026-03-18 09:00'));
        for ($count = 0; $count < 9; ++$count) {
            $throttle->failed(Username::typed('ada'), '127.0.0.1');
        }
        $throttle->succeeded(Username::typed('ada'), '127.0.0.1');

        self::assertSame(0, $throttle->secondsToWait(Username::typed('ada'), '127.0.0.1'));
    }

    /** @return iterable<string, array{string}> */
    public static function spellings(): iterable
    {
        yield 'capitals' => ['MORA'];
        yield 'blanks around' => [" mora\t"];
        yield 'capitals and a line' => ["Mora\n"];
    }

    #[DataProvider('spellings')]
    public function testHoweverANameIsTypedItCountsForOne(string $typed): void
    {
        $throttle = new LoginThrottle(new FailuresInMemory(), new MockClock('2026-03-18 09:00'));
        for ($count = 0; $count < 6; ++$count) {
            $throttle->failed(Username::typed($typed), '127.0.0.1');
        }

        self::assertSame(10, $throttle->secondsToWait(Username::typed('mora'), '127.0.0.1'));
        self::assertSame(0, $throttle->secondsToWait(Username::typed('mörá'), '127.0.0.1'), 'another name');
    }

    public function testManyAddressesAtOneAccountAndManyAccountsFromOneAddressAreSlowedDown(): void
    {
        $throttle = new LoginThrottle(new FailuresInMemory(), new MockClock('2026-03-18 09:00'));
        for ($count = 0; $count < 50; ++$count) {
            $throttle->failed(Username::typed('ada'), "10.0.0.$count");
            $throttle->failed(Username::typed("guess-$count"), '127.0.0.1');
        }

        self::assertSame(60, $throttle->secondsToWait(Username::typed('ada'), '10.0.1.1'));
        self::assertSame(5, $throttle->secondsToWait(Username::typed('ines'), '127.0.0.1'));
        $throttle->succeeded(Username::typed('guess-1'), '127.0.0.1');
        self::assertSame(5, $throttle->secondsToWait(Username::typed('ines'), '127.0.0.1'), 'one password that is known frees no others');
    }

    public function testAnHourWithoutAnyForgetsThem(): void
    {
        $clock = new MockClock('2026-03-18 09:00:00');
        $throttle = new LoginThrottle(new FailuresInMemory(), $clock);
        for ($count = 0; $count < 60; ++$count) {
            $throttle->failed(Username::typed("guess-$count"), '127.0.0.1');
        }
        $clock->sleep(3_599);
        $throttle->failed(Username::typed('one-more'), '127.0.0.1');
        self::assertSame(900, $throttle->secondsToWait(Username::typed('ines'), '127.0.0.1'));
        $clock->sleep(3_600);
        self::assertSame(0, $throttle->secondsToWait(Username::typed('ines'), '127.0.0.1'));
        $throttle->failed(Username::typed('one-more'), '127.0.0.1');
        self::assertSame(0, $throttle->secondsToWait(Username::typed('ines'), '127.0.0.1'), 'counted from the beginning');
    }
}
