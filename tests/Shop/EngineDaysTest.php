<?php

declare(strict_types=1);

namespace FreshTack\Tests\Shop;

use FreshTack\Core\Schedule\DueState;
use FreshTack\Core\Schedule\DueTimes;
use FreshTack\Core\SpecBook\Task;
use FreshTack\Shop\Due\DueLine;
use FreshTack\Shop\Due\EngineDays;
use FreshTack\Shop\Register\BoatUse;
use PHPUnit\Framework\TestCase;

/** What the board finds an engine by. */
final class EngineDaysTest extends TestCase
{
    public function testAnEnginesDaysAreTheFirstOfItsTasks(): void
    {
        $days = new EngineDays(1, null, 5000, [
            self::line('2026-05-01', '2026-04-20'),
            self::line('2026-04-25', '2026-04-25'),
            self::line(null, null, unrecorded: true, overdue: '2026-02-01'),
        ]);

        self::assertSame(['2026-04-25', '2026-04-20', '2026-02-01'], array_map(static fn (?\DateTimeImmutable $day): ?string => $day?->format('Y-m-d'), [$days->dueOn(), $days->expectedOn(), $days->noRecordOn()]));
    }

    public function testAnEngineWithoutTasksHasNoDays(): void
    {
        $none = new EngineDays(1, null, null, []);

        self::assertSame([null, null, null, DueState::NotDue], [$none->dueOn(), $none->expectedOn(), $none->noRecordOn(), $none->stateOn(self::day('2026-01-01'))]);
    }

    public function testItsStateIsTheMostPressingOfTheDay(): void
    {
        $days = new EngineDays(1, null, 5000, [self::line('2026-05-01', null, overdue: '2026-06-01'), self::line('2026-07-01', null)]);

        self::assertSame([DueState::NotDue, DueState::Due, DueState::Overdue], array_map(static fn (string $day): DueState => $days->stateOn(self::day($day)), ['2026-04-30', '2026-05-01', '2026-06-01']));
    }

    public function testACalendarLearnsOfWhatItWouldShowOnly(): void
    {
        $line = self::line('2026-05-01', '2026-04-20');

        self::assertTrue($line->saysTheSameAs(self::line('2026-05-01', '2026-04-20', sequence: 7)), 'its own count is not news');
        self::assertFalse($line->saysTheSameAs(self::line('2026-05-01', '2026-04-21')));
        self::assertFalse($line->saysTheSameAs(self::line('2026-05-02', '2026-04-20')));
    }

    public function testBrackishWaterIsHardOnAnEngineAsSaltIs(): void
    {
        $uses = static fn (string $water): array => array_column((new BoatUse('fresh' === $water ? 'fresh' : ('salt' === $water ? 'salt' : 'brackish'), 'trailered', false, [6], silt: true))->hardUses()->uses, 'value');

        self::assertSame([['silt'], ['salt', 'silt'], ['salt', 'silt']], [$uses('fresh'), $uses('salt'), $uses('brackish')]);
    }

    private static function line(?string $due, ?string $expected, bool $unrecorded = false, ?string $overdue = null, int $sequence = 0): DueLine
    {
        $day = static fn (?string $text): ?\DateTimeImmutable => null === $text ? null : self::day($text);

        return new DueLine(Task::EngineOil, new DueTimes($day($due), $day($due), $day($overdue), $unrecorded), $day($expected), false, false, 6000, $sequence);
    }

    private static function day(string $day): \DateTimeImmutable
    {
        return new \DateTimeImmutable($day.' UTC');
    }
}
