<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Schedule;

use Eris\Generators;
use Eris\TestTrait;
use FreshTack\Core\Quantity\EngineHours;
use FreshTack\Core\Schedule\DueBook;
use FreshTack\Core\Schedule\DuePolicy;
use FreshTack\Core\Schedule\DueState;
use FreshTack\Core\Schedule\EngineNow;
use FreshTack\Core\Schedule\Interval;
use FreshTack\Core\Schedule\LastDone;
use FreshTack\Core\Schedule\Limit;
use PHPUnit\Framework\TestCase;

/** The days that are kept in place of states: on any day they must say what judging anew on that day would say. */
final class DueTimesTest extends TestCase
{
    use TestTrait;

    public function testOnAnyLaterDayTheKeptDaysSayWhatJudgingAnewSays(): void
    {
        $this->limitTo(400)->forAll(
            Generators::choose(1, 300),          // every so many hours; above 250: no limit of hours
            Generators::choose(1, 24),           // months
            Generators::choose(0, 4000),         // tenths of an hour when last done
            Generators::choose(0, 4000),         // tenths run since
            Generators::choose(0, 900),          // days from the last time to the reading
            Generators::choose(0, 900),          // days from the reading to the day of asking
            Generators::elements('done', 'never', 'no first limit', 'no meter'),
        )->then(static function (int $every, int $months, int $lastTenths, int $run, int $sinceDone, int $later, string $kind): void {
            $book = new DueBook(new DuePolicy(EngineHours::of('15'), 30, EngineHours::of('10'), 30));
            $inService = self::day('2020-01-31');
            $limit = Limit::of($every > 250 ? null : EngineHours::ofTenths($every * 10), $months);
            $interval = new Interval('no first limit' === $kind ? null : $limit, $limit);
            $last = \in_array($kind, ['never', 'no first limit'], true) ? null : new LastDone($inService->modify('+40 days'), EngineHours::ofTenths($lastTenths));
            $readOn = $inService->modify(\sprintf('+%d days', 40 + $sinceDone));
            $hours = 'no meter' === $kind ? null : EngineHours::ofTenths($lastTenths + $run);
            $day = $readOn->modify("+$later days");

            $then = new EngineNow($readOn, $hours, $inService);
            $kept = $book->times($interval, $last, $book->assess($interval, $last, $then), $then, $readOn);
            $anew = $book->assess($interval, $last, new EngineNow($day, $hours, $inService));

            self::assertSame($anew->state, $kept->stateOn($day), "every $every h or $months months, $kind");
        });
    }

    public function testTheHoursLimitCountsFromTheDayOfTheReadingThatShowedIt(): void
    {
        $book = new DueBook(new DuePolicy(EngineHours::of('15'), 30, EngineHours::of('10'), 30));
        $interval = new Interval(null, Limit::of(EngineHours::of('100'), 12));
        $last = new LastDone(self::day('2025-01-01'), EngineHours::of('0'));
        $now = new EngineNow(self::day('2025-05-01'), EngineHours::of('111'), self::day('2024-01-01'));
        $times = $book->times($interval, $last, $book->assess($interval, $last, $now), $now, self::day('2025-04-20'));

        self::assertSame(['2025-04-20', '2025-04-20', '2025-04-20'], array_map(static fn (?\DateTimeImmutable $day): ?string => $day?->format('Y-m-d'), [$times->soonOn, $times->dueOn, $times->overdueOn]));
        self::assertSame(DueState::NotDue, $times->stateOn(self::day('2025-04-19')), 'nobody knew');
    }

    private static function day(string $day): \DateTimeImmutable
    {
        return new \DateTimeImmutable($day.' UTC');
    }
}
