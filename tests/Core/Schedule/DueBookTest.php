<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Schedule;

use Eris\Generators;
use Eris\TestTrait;
use FreshTack\Core\Quantity\EngineHours;
use FreshTack\Core\Schedule\DueAssessment;
use FreshTack\Core\Schedule\DueBook;
use FreshTack\Core\Schedule\DuePolicy;
use FreshTack\Core\Schedule\DueState;
use FreshTack\Core\Schedule\EngineNow;
use FreshTack\Core\Schedule\Interval;
use FreshTack\Core\Schedule\InvalidSchedule;
use FreshTack\Core\Schedule\LastDone;
use FreshTack\Core\Schedule\Limb;
use FreshTack\Core\Schedule\Limit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class DueBookTest extends TestCase
{
    use TestTrait;

    /**
     * Every 100 h or 12 months, last done on 1 Mar 2025 at 200 h; soon from 15 h and 30 days before, overdue past 10 h and 30 days.
     *
     * @return iterable<string, array{string, string|null, DueState, Limb|null}> day, hours, state, limb
     */
    public static function moments(): iterable
    {
        yield 'well before both' => ['2025-06-01', '240', DueState::NotDue, null];
        yield 'a tenth before the window of hours' => ['2025-06-01', '284.9', DueState::NotDue, null];
        yield 'the window of hours reached exactly' => ['2025-06-01', '285', DueState::Soon, Limb::Hours];
        yield 'a tenth short of the limit' => ['2025-06-01', '299.9', DueState::Soon, Limb::Hours];
        yield 'the hours met exactly' => ['2025-06-01', '300', DueState::Due, Limb::Hours];
        yield 'the end of the grace of hours' => ['2025-06-01', '310', DueState::Due, Limb::Hours];
        yield 'a tenth past the grace' => ['2025-06-01', '310.1', DueState::Overdue, Limb::Hours];
        yield 'the day before the window of days' => ['2026-01-29', '201', DueState::NotDue, null];
        yield 'the first day of the window' => ['2026-01-30', '201', DueState::Soon, Limb::Calendar];
        yield 'the day before the year is up' => ['2026-02-28', '201', DueState::Soon, Limb::Calendar];
        yield 'the year is up' => ['2026-03-01', '201', DueState::Due, Limb::Calendar];
        yield 'the last day of the grace' => ['2026-03-31', '201', DueState::Due, Limb::Calendar];
        yield 'the day after the grace' => ['2026-04-01', '201', DueState::Overdue, Limb::Calendar];
        yield 'both due: hours are named' => ['2026-03-05', '300', DueState::Due, Limb::Hours];
        yield 'the worse limb is named' => ['2026-05-01', '305', DueState::Overdue, Limb::Calendar];
        yield 'no meter: the calendar alone' => ['2026-03-01', null, DueState::Due, Limb::Calendar];
        yield 'no meter, not yet' => ['2025-08-01', null, DueState::NotDue, null];
    }

    #[DataProvider('moments')]
    public function testIsDueByHoursOrCalendarWhicheverIsFirst(string $day, ?string $hours, DueState $state, ?Limb $by): void
    {
        $answer = self::assess(self::yearly(), new LastDone(self::day('2025-03-01'), EngineHours::of('200')), $day, $hours);

        self::assertSame([$state, $by], [$answer->state, $answer->by]);
    }

    /** @return iterable<string, array{string, string|null, DueState, Limb|null}> */
    public static function neverDone(): iterable
    {
        yield 'new' => ['2025-01-01', '2', DueState::NotDue, null];
        yield 'first service soon by date' => ['2025-01-20', '2', DueState::Soon, Limb::Calendar];
        yield 'first service due by hours' => ['2025-01-10', '20', DueState::Due, Limb::Hours];
        yield 'still within the grace' => ['2025-01-10', '30', DueState::Due, Limb::Hours];
        yield 'past the grace: nobody knows' => ['2025-01-10', '30.1', DueState::NoRecord, null];
        yield 'past the grace by date: nobody knows' => ['2025-03-04', null, DueState::NoRecord, null];
    }

    #[DataProvider('neverDone')]
    public function testATaskWithoutRecordIsJudgedByItsFirstLimit(string $day, ?string $hours, DueState $state, ?Limb $by): void
    {
        // in service on 1 Jan 2025: the first month is up on 1 Feb, its grace on 3 Mar
        $answer = self::assess(self::yearly(), null, $day, $hours);

        self::assertSame([$state, $by], [$answer->state, $answer->by]);
    }

    /**
     * In service on 1 Jan 2025; every 240 h or 12 months; grace of 30 days and 10 h.
     *
     * @return iterable<string, array{string, string, DueState}>
     */
    public static function withoutFirst(): iterable
    {
        yield 'on its second day' => ['2025-01-02', '1', DueState::NotDue];
        yield 'the year is up' => ['2026-01-01', '1', DueState::Due];
        yield 'the last day of the grace' => ['2026-01-31', '1', DueState::Due];
        yield 'a day past the grace' => ['2026-02-01', '1', DueState::NoRecord];
        yield 'the hours are reached' => ['2025-06-01', '240', DueState::Due];
        yield 'the hours and their grace are past' => ['2025-06-01', '250.1', DueState::NoRecord];
    }

    #[DataProvider('withoutFirst')]
    public function testWithoutAFirstLimitTheUsualOneCountsFromTheDayInService(string $day, string $hours, DueState $state): void
    {
        $interval = new Interval(null, Limit::of(EngineHours::of('240'), 12));
        $answer = self::assess($interval, null, $day, $hours);

        self::assertSame($state, $answer->state);
        $why = DueState::NoRecord === $state ? 'No record' : 'counted from the day in service';
        self::assertStringContainsString($why, $answer->why($interval));
    }

    public function testSaysWhenItWillBeDueAndWhatIsLeft(): void
    {
        $answer = self::assess(self::yearly(), new LastDone(self::day('2025-03-01'), EngineHours::of('200')), '2025-12-01', '250');

        self::assertSame(['2026-03-01', 3000, 90, 500], [$answer->dueDate?->format('Y-m-d'), $answer->dueHoursTenths, $answer->daysLeft, $answer->hoursLeftTenths]);
        // half of 100 h, and 275 of 365 days
        self::assertSame([0.5, 0.7534], [$answer->hoursShare, $answer->calendarShare]);
    }

    public function testWhatIsLeftGoesBelowZero(): void
    {
        $answer = self::assess(self::yearly(), new LastDone(self::day('2025-03-01'), EngineHours::of('200')), '2026-03-11', '308.8');

        self::assertSame([-10, -88], [$answer->daysLeft, $answer->hoursLeftTenths]);
        self::assertSame('By hours: 8.8 h past the limit (every 100 h or 12 months).', $answer->why(self::yearly()));
    }

    /** @return iterable<string, array{string, string|null, bool, string}> day, hours, done before, sentence */
    public static function sentences(): iterable
    {
        yield 'not yet' => ['2025-06-01', '210', true, 'Not due yet (every 100 h or 12 months).'];
        yield 'exactly' => ['2025-06-01', '300', true, 'By hours: the limit is reached exactly (every 100 h or 12 months).'];
        yield 'by date' => ['2026-02-28', '210', true, 'By date: 1 day left (every 100 h or 12 months).'];
        yield 'first service' => ['2025-01-10', '12', false, 'By hours: 8 h left (first service at 20 h or 1 month).'];
        yield 'no record' => ['2025-12-10', '90', false, 'No record that it was ever done, and the first limit is past (first at 20 h or 1 month, then every 100 h or 12 months).'];
    }

    #[DataProvider('sentences')]
    public function testGivesASentenceToReadAloud(string $day, ?string $hours, bool $done, string $sentence): void
    {
        $last = $done ? new LastDone(self::day('2025-03-01'), EngineHours::of('200')) : null;

        self::assertSame($sentence, self::assess(self::yearly(), $last, $day, $hours)->why(self::yearly()));
    }

    /** @return iterable<string, array{Interval, LastDone|null, string|null, string}> interval, last, hours, what the sentence says */
    public static function unknownHours(): iterable
    {
        $hundred = Limit::of(EngineHours::of('100'), null);
        $done = static fn (?string $hours): LastDone => new LastDone(
            self::day('2025-03-01'),
            null === $hours ? null : EngineHours::of($hours),
        );
        yield 'the engine has no meter' => [new Interval(null, $hundred), $done('200'), null, 'those of the engine are not known'];
        yield 'it was done at nobody knows what' => [
            new Interval(null, $hundred),
            $done(null),
            '340',
            'those at which it was last done are not known',
        ];
        yield 'never done, and no meter' => [new Interval(null, $hundred), null, null, 'those of the engine are not known'];
        yield 'its first limit has hours alone' => [
            new Interval(Limit::of(EngineHours::of('20'), null), Limit::of(EngineHours::of('100'), 12)),
            null,
            null,
            'those of the engine are not known',
        ];
    }

    #[DataProvider('unknownHours')]
    public function testWhatGoesByHoursThatNobodyKnowsHasNoRecord(Interval $interval, ?LastDone $last, ?string $hours, string $why): void
    {
        $answer = self::assess($interval, $last, '2025-06-01', $hours);
        $book = new DueBook(new DuePolicy(EngineHours::of('15'), 30, EngineHours::of('10'), 30));
        $now = new EngineNow(self::day('2025-06-01'), null === $hours ? null : EngineHours::of($hours), self::day('2025-01-01'));

        self::assertSame([DueState::NoRecord, null], [$answer->state, $answer->by]);
        self::assertStringContainsString($why, $answer->why($interval));
        self::assertSame(
            DueState::NoRecord,
            $book->times($interval, $last, $answer, $now, self::day('2025-06-01'))->stateOn(self::day('2025-06-01')),
        );
    }

    public function testOnceTheHoursAreKnownTheyDecide(): void
    {
        $interval = new Interval(null, Limit::of(EngineHours::of('100'), null));
        $last = new LastDone(self::day('2025-03-01'), EngineHours::of('200'));

        self::assertSame(DueState::NotDue, self::assess($interval, $last, '2025-06-01', '240')->state);
        self::assertSame(DueState::Due, self::assess($interval, $last, '2025-06-01', '300')->state);
    }

    /** @return iterable<string, array{string, int, string}> */
    public static function monthEnds(): iterable
    {
        yield 'the same day' => ['2025-03-15', 12, '2026-03-15'];
        yield '31 January plus one month' => ['2025-01-31', 1, '2025-02-28'];
        yield '31 January plus one month in a leap year' => ['2028-01-31', 1, '2028-02-29'];
        yield 'a leap day plus a year' => ['2028-02-29', 12, '2029-02-28'];
        yield 'a leap day plus four years' => ['2028-02-29', 48, '2032-02-29'];
        yield '31 August plus six months' => ['2025-08-31', 6, '2026-02-28'];
        yield 'over the turn of the year' => ['2025-12-31', 2, '2026-02-28'];
    }

    #[DataProvider('monthEnds')]
    public function testAMonthThatIsTooShortEndsOnItsLastDay(string $start, int $months, string $expected): void
    {
        self::assertSame($expected, Limit::of(null, $months)->dateFrom(self::day($start))?->format('Y-m-d'));
    }

    /** @return iterable<string, array{int|null}> */
    public static function impossible(): iterable
    {
        yield 'neither hours nor months' => [null];
        yield 'no months' => [0];
        yield 'more than twenty years' => [241];
    }

    #[DataProvider('impossible')]
    public function testRefusesALimitThatIsNone(?int $months): void
    {
        $this->expectException(InvalidSchedule::class);
        Limit::of(null, $months);
    }

    public function testAnIntervalOfNoHoursIsRefused(): void
    {
        $this->expectExceptionMessage('An interval of 0 h is due all the time.');
        Limit::of(EngineHours::zero(), 12);
    }

    public function testTheStateNeverImprovesAsTimePasses(): void
    {
        $this->forAll(Generators::choose(0, 800), Generators::choose(0, 400), Generators::choose(0, 200), Generators::choose(0, 60))
            ->then(static function (int $days, int $tenths, int $moreTenths, int $moreDays): void {
                $last = new LastDone(self::day('2025-03-01'), EngineHours::of('200'));
                $day = static fn (int $after): string => self::day('2025-03-01')->modify("+$after days")->format('Y-m-d');
                $now = self::assess(self::yearly(), $last, $day($days), EngineHours::ofTenths(2000 + $tenths * 5)->text());
                $later = self::assess(self::yearly(), $last, $day($days + $moreDays), EngineHours::ofTenths(2000 + $tenths * 5 + $moreTenths)->text());

                self::assertGreaterThanOrEqual($now->state->weight(), $later->state->weight());
            });
    }

    private static function assess(Interval $interval, ?LastDone $last, string $day, ?string $hours): DueAssessment
    {
        $policy = new DuePolicy(EngineHours::of('15'), 30, EngineHours::of('10'), 30);

        return (new DueBook($policy))->assess($interval, $last, new EngineNow(self::day($day), null === $hours ? null : EngineHours::of($hours), self::day('2025-01-01')));
    }

    private static function yearly(): Interval
    {
        return new Interval(Limit::of(EngineHours::of('20'), 1), Limit::of(EngineHours::of('100'), 12));
    }

    private static function day(string $day): \DateTimeImmutable
    {
        return new \DateTimeImmutable($day, new \DateTimeZone('UTC'));
    }
}
