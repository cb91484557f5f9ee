<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Due;

use Eris\Generators;
use Eris\TestTrait;
use FreshTack\Core\Due\TaskDue;
use FreshTack\Core\Due\Visit;
use FreshTack\Core\Due\VisitFinder;
use FreshTack\Core\Quantity\EngineHours;
use FreshTack\Core\Schedule\DueAssessment;
use FreshTack\Core\Schedule\DuePolicy;
use FreshTack\Core\Schedule\DueState;
use FreshTack\Core\Schedule\DueTimes;
use FreshTack\Core\Schedule\Interval;
use FreshTack\Core\Schedule\Limit;
use FreshTack\Core\SpecBook\Task;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** With a window and a grace of 30 days; today is 1 Jan 2026, days are counted from it. */
final class VisitFinderTest extends TestCase
{
    use TestTrait;

    /** @return iterable<string, array{list<int>, int|null, int}> days on which tasks are due, day of the visit, tasks ripe on it */
    public static function rigs(): iterable
    {
        yield 'nothing has a day' => [[], null, 0];
        yield 'something is due: now' => [[-5, 100], 0, 1];
        yield 'something is due, and more is ripe' => [[-5, 20, 30, 31], 0, 3];
        yield 'one task alone: on its day' => [[60], 60, 1];
        yield 'two that ripen together: on the first day' => [[60, 85], 60, 2];
        yield 'the second ripens within the grace of the first: wait for it' => [[60, 110], 80, 2];
        yield 'the second ripens too late: do not wait' => [[60, 121], 60, 1];
        yield 'three, of which two are worth waiting for' => [[60, 100, 115], 85, 3];
        yield 'no earlier than needed for all' => [[60, 90, 90], 60, 3];
    }

    /** @param list<int> $days */
    #[DataProvider('rigs')]
    public function testFindsTheDayThatBundlesBest(array $days, ?int $visit, int $ripe): void
    {
        $found = self::next($days);

        self::assertSame(null === $visit ? null : self::day($visit)->format('Y-m-d'), $found?->on->format('Y-m-d'));
        self::assertCount($ripe, $found->dues ?? []);
    }

    public function testNoVisitLetsAnythingGoPastItsGraceAndNoOtherDayBundlesMore(): void
    {
        $this->limitTo(200)->forAll(Generators::vector(5, Generators::choose(1, 200)))->then(static function (array $days): void {
            $days = array_values(array_filter($days, is_int(...)));
            self::assertNotSame([], $days);
            $found = self::next($days);
            self::assertNotNull($found);
            $on = (int) self::day(0)->diff($found->on)->format('%r%a');
            $ripe = static fn (int $day): int => \count(array_filter($days, static fn (int $due): bool => $due - 30 <= $day));
            self::assertLessThanOrEqual(min($days) + 30, $on);
            self::assertCount($ripe($on), $found->dues);
            // by brute force: every day up to the end of the first one's grace
            self::assertSame(max(array_map($ripe, range(0, min($days) + 30))), $ripe($on));
        });
    }

    /** @param list<int> $days */
    private static function next(array $days): ?Visit
    {
        $interval = new Interval(null, Limit::of(null, 12));
        $dues = array_map(static fn (int $day): TaskDue => new TaskDue(Task::EngineOil, $interval, null, new DueAssessment(DueState::NotDue, null, null, null, null, null, null, null, false), new DueTimes(null, self::day($day), null, false), null), $days);

        return (new VisitFinder(new DuePolicy(EngineHours::of('15'), 30, EngineHours::of('10'), 30)))->next($dues, self::day(0));
    }

    private static function day(int $day): \DateTimeImmutable
    {
        return (new \DateTimeImmutable('2026-01-01 UTC'))->modify("$day days");
    }
}
