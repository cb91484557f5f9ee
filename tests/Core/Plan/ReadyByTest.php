<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Plan;

use FreshTack\Core\Plan\ReadyBy;
use FreshTack\Core\Plan\Timeline;
use FreshTack\Core\Plan\TimelineEntry;
use FreshTack\Core\Plan\WorkingHours;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** An hour with hands, half an hour of rest, a quarter of an hour with hands; Monday to Friday, eight to five. 18 March 2026 is a Wednesday. */
final class ReadyByTest extends TestCase
{
    /** @return iterable<string, array{string, string}> now, ready */
    public static function moments(): iterable
    {
        yield 'in the morning it is a matter of minutes' => ['2026-03-18 09:00', '2026-03-18 10:45'];
        yield 'before opening it begins at eight' => ['2026-03-18 06:30', '2026-03-18 09:45'];
        yield 'it ends with the shop to the minute' => ['2026-03-18 15:15', '2026-03-18 17:00'];
        // hands until 16:16, rest until 16:46, 14 min of hands until five, the last one at eight
        yield 'a minute too late it goes on in the morning' => ['2026-03-18 15:16', '2026-03-19 08:01'];
        // hands until 17:00, rest until 17:30 with nobody there, a quarter of an hour from eight
        yield 'the rest goes on after closing' => ['2026-03-18 16:00', '2026-03-19 08:15'];
        yield 'over the weekend' => ['2026-03-20 16:30', '2026-03-23 09:15'];
        yield 'on a Sunday it begins on Monday' => ['2026-03-22 11:00', '2026-03-23 09:45'];
    }

    #[DataProvider('moments')]
    public function testHandsWorkInWorkingHoursAndOilRestsAtNight(string $now, string $ready): void
    {
        self::assertSame($ready, ReadyBy::of(self::timeline(), WorkingHours::usual(), new \DateTimeImmutable($now), null, [])->at?->format('Y-m-d H:i'));
    }

    public function testItBeginsWhenTheLastPartIsThereAndSaysSo(): void
    {
        $ready = ReadyBy::of(self::timeline(), WorkingHours::usual(), new \DateTimeImmutable('2026-03-18 09:00'), new \DateTimeImmutable('2026-03-20'), []);

        self::assertSame('2026-03-20 09:45', $ready->at?->format('Y-m-d H:i'));
        self::assertSame(['Begins on Fri 20 Mar, when the last missing part is expected.', '105 min from the first hand to the last with 1 technician, 75 min of it hands-on work.'], $ready->reasons);
    }

    public function testAPartThatNobodyKnowsTheDayOfLeavesItOpen(): void
    {
        $ready = ReadyBy::of(self::timeline(), WorkingHours::usual(), new \DateTimeImmutable('2026-03-18 09:00'), null, ['QV-50644']);

        self::assertNull($ready->at);
        self::assertSame('Short, and nobody knows until when: QV-50644.', $ready->reasons[0]);
    }

    public function testAShopThatNeverOpensIsNeverReady(): void
    {
        self::assertNull(ReadyBy::of(self::timeline(), new WorkingHours([]), new \DateTimeImmutable('2026-03-18 09:00'), null, [])->at);
    }

    public function testSaysWhatFillsAWait(): void
    {
        $wait = new TimelineEntry(Works::taking(Works::of('drain'), 4, wait: 14), 0, [1], false);
        $during = new TimelineEntry(Works::taking(Works::of('grease'), 10), 4, [1], false);
        $after = new TimelineEntry(Works::taking(Works::of('close'), 3), 18, [1], false);
        $timeline = new Timeline([$wait, $during, $after], 1, 21, 20, 1);

        self::assertSame(['port.grease'], $timeline->fills($wait));
        self::assertSame([], $timeline->fills($during));
        // (21 − 20) / 20
        self::assertSame([50, 17], [$timeline->gapPermille(), $timeline->handsOnMin()]);
    }

    private static function timeline(): Timeline
    {
        return new Timeline([
            new TimelineEntry(Works::taking(Works::of('a'), 60, wait: 30), 0, [1], false),
            new TimelineEntry(Works::taking(Works::of('b'), 15), 90, [1], false),
        ], 1, 105, null, 1);
    }

    /** Wednesday and Thursday are free days of this year: what would begin on Wednesday at nine begins on Friday at eight. */
    public function testADayOnWhichTheShopIsClosedIsPassedOver(): void
    {
        $hours = new WorkingHours(array_fill(1, 5, [8 * 60, 17 * 60]), ['2026-03-18', '2026-03-19']);
        $usual = ReadyBy::of(self::timeline(), $hours, new \DateTimeImmutable('2026-03-18 09:00'), null, []);
        $friday = ReadyBy::of(self::timeline(), WorkingHours::usual(), new \DateTimeImmutable('2026-03-20 08:00'), null, []);

        self::assertEquals($friday->at, $usual->at);
        self::assertStringStartsWith('2026-03-20', (string) $usual->at?->format('Y-m-d H:i'));
        self::assertSame(0, $hours->leftAt(new \DateTimeImmutable('2026-03-18 10:00')));
    }
}
