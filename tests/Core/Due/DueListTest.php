<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Due;

use FreshTack\Core\Due\Declined;
use FreshTack\Core\Due\DueList;
use FreshTack\Core\Due\EngineRecord;
use FreshTack\Core\Due\TaskDue;
use FreshTack\Core\Policy\Question;
use FreshTack\Core\Policy\Schools;
use FreshTack\Core\Quantity\EngineHours;
use FreshTack\Core\Schedule\Action;
use FreshTack\Core\Schedule\DuePolicy;
use FreshTack\Core\Schedule\DueState;
use FreshTack\Core\Schedule\EngineNow;
use FreshTack\Core\Schedule\HardUse;
use FreshTack\Core\Schedule\HardUses;
use FreshTack\Core\Schedule\LastDone;
use FreshTack\Core\Schedule\Served;
use FreshTack\Core\Schedule\ServiceLog;
use FreshTack\Core\SpecBook\SheetReader;
use FreshTack\Core\SpecBook\SpecSheet;
use FreshTack\Core\SpecBook\Task;
use FreshTack\Core\Usage\HourLog;
use FreshTack\Core\Usage\HourReading;
use FreshTack\Core\Usage\Season;
use FreshTack\Core\Usage\UseRate;
use FreshTack\Tests\Support\Book;
use PHPUnit\Framework\TestCase;

/**
 * Over the sheet of the K165 (early): engine oil every 160 h or 12 months, first at 20 h or 1 month, every 6 months in
 * commercial use or long idling; timing belt renewed every 1280 h or 96 months and checked every 640 h or 48 months.
 */
final class DueListTest extends TestCase
{
    public function testEveryScheduledTaskIsListedOnce(): void
    {
        $dues = self::dues([], '2026-03-01', '100');

        self::assertSame(array_column(self::sheet()->tasks(), 'value'), array_map(static fn (TaskDue $due): string => $due->task->value, $dues));
        self::assertCount(16, $dues);
    }

    public function testARenewalResetsTheCheckOfTheSameBelt(): void
    {
        $renewed = [self::served(Task::TimingBelt, Action::Renew, '2025-01-01', '900')];
        $check = self::due(self::dues($renewed, '2026-03-01', '1000'), Task::TimingBeltCheck);

        self::assertSame([DueState::NotDue, '2029-01-01', 15400], [$check->assessment->state, $check->assessment->dueDate?->format('Y-m-d'), $check->assessment->dueHoursTenths]);
    }

    public function testACheckDoesNotResetTheRenewal(): void
    {
        $checked = [self::served(Task::TimingBeltCheck, Action::Inspect, '2025-12-01', '1250')];
        $dues = self::dues($checked, '2026-03-01', '1290');

        self::assertSame(DueState::Due, self::due($dues, Task::TimingBelt)->assessment->state, 'never renewed: by its first limit, at 1280 h');
        self::assertNull(self::due($dues, Task::TimingBelt)->last);
    }

    public function testWhatALongerTaskContainsIsNotCalledForTwice(): void
    {
        $dues = self::dues([], '2026-03-01', '1285');
        $check = self::due($dues, Task::TimingBeltCheck);

        self::assertTrue(self::due($dues, Task::TimingBelt)->isCalledFor());
        self::assertSame(Task::TimingBelt, $check->listedIn);
        self::assertFalse($check->isCalledFor());
        self::assertNull(self::due(self::dues([], '2026-03-01', '645'), Task::TimingBeltCheck)->listedIn, 'the renewal is not called for yet');
    }

    public function testSevereUseProposesAndAddsNothing(): void
    {
        $done = [self::served(Task::EngineOil, Action::Renew, '2025-08-01', '500')];
        $usual = self::due(self::dues($done, '2026-03-01', '560'), Task::EngineOil);
        $commercial = self::due(self::dues($done, '2026-03-01', '560', [HardUse::Commercial, HardUse::Salt]), Task::EngineOil);

        self::assertNull($usual->severe);
        self::assertSame(DueState::NotDue, $commercial->assessment->state);
        self::assertFalse($commercial->isCalledFor());
        // six months from 1 Aug end on 1 Feb, 28 days before 1 Mar: within the grace
        self::assertSame([DueState::Due, [HardUse::Commercial]], [$commercial->severe?->assessment->state, $commercial->severe?->uses]);
        self::assertSame('Commercial use: the sheet proposes every 6 months instead.', $commercial->severe?->why());
    }

    public function testSevereUseIsNotProposedWhereItWouldNotPressMore(): void
    {
        $fresh = [self::served(Task::EngineOil, Action::Renew, '2026-02-01', '500')];
        $old = [self::served(Task::EngineOil, Action::Renew, '2024-02-01', '100')];

        self::assertNull(self::due(self::dues($fresh, '2026-03-01', '510', [HardUse::Commercial]), Task::EngineOil)->severe);
        self::assertNull(self::due(self::dues($old, '2026-03-01', '510', [HardUse::Commercial]), Task::EngineOil)->severe, 'overdue already');
    }

    public function testADeclinedTaskStaysDueAndSaysSo(): void
    {
        $done = [self::served(Task::EngineOil, Action::Renew, '2025-02-15', '500')];
        $due = self::due(self::dues($done, '2026-03-01', '560', declined: [new Declined(Task::EngineOil, self::day('2026-02-20'), 'Later.')]), Task::EngineOil);

        self::assertSame([DueState::Due, true], [$due->assessment->state, $due->isCalledFor()]);
        self::assertStringEndsWith('Declined on 20 Feb 2026: still due.', $due->why());
    }

    public function testWhatWasDeclinedBeforeItWasDoneIsSettled(): void
    {
        $done = [self::served(Task::EngineOil, Action::Renew, '2026-02-21', '550')];

        self::assertNull(self::due(self::dues($done, '2026-03-01', '560', declined: [new Declined(Task::EngineOil, self::day('2026-02-20'), 'Later.')]), Task::EngineOil)->declined);
    }

    public function testTheExpectedDayIsTheForecastWhereThatComesBeforeTheCalendar(): void
    {
        // 1 h a day since 1 Jan 2026: 560 h on 1 Mar, so 660 h around 9 Jun; the year is up on 1 Aug
        $readings = new HourLog([new HourReading(self::day('2026-01-01'), EngineHours::of('501')), new HourReading(self::day('2026-01-31'), EngineHours::of('531')), new HourReading(self::day('2026-03-01'), EngineHours::of('560'))]);
        $rate = UseRate::from($readings, self::day('2020-01-01'), Season::allYear());
        $due = self::due(self::dues([self::served(Task::EngineOil, Action::Renew, '2025-08-01', '500')], '2026-03-01', '560', rate: $rate), Task::EngineOil);

        self::assertTrue($due->isExpectedByUse());
        self::assertSame('2026-06-09', $due->expectedOn()?->format('Y-m-d'));
        $without = self::due(self::dues([self::served(Task::EngineOil, Action::Renew, '2025-08-01', '500')], '2026-03-01', '560'), Task::EngineOil);
        self::assertSame(['2026-08-01', false], [$without->expectedOn()?->format('Y-m-d'), $without->isExpectedByUse()]);
    }

    public function testTheSchoolDecidesOverTheFirstFilterOnlyWhereTheSheetIsSilent(): void
    {
        // the oil is first due at 20 h; the engine has run 25 h and nothing was ever done to it
        $filter = static function (bool $sheetSpeaks, string $school): TaskDue {
            $document = Book::sheet('kestrane-k165-early');
            $sheet = SheetReader::read($sheetSpeaks ? $document : Book::with($document, ['values', 'schedule.oilFilter', 'first'], null));
            $list = new DueList(new DuePolicy(EngineHours::of('15'), 30, EngineHours::of('10'), 30), Schools::standard()->with(Question::FirstFilter, $school));
            $now = new EngineNow(self::day('2026-03-01'), EngineHours::of('25'), self::day('2026-02-20'));

            return self::due($list->of($sheet, new EngineRecord(new ServiceLog([]), []), $now, self::day('2026-03-01'), null, new HardUses([])), Task::OilFilter);
        };

        self::assertSame(DueState::Due, $filter(false, 'with_every')->assessment->state);
        self::assertSame(DueState::NotDue, $filter(false, 'not_before_full')->assessment->state);
        self::assertSame(DueState::Due, $filter(true, 'not_before_full')->assessment->state, 'the sheet speaks');
    }

    /**
     * @param list<Served>   $served
     * @param list<Declined> $declined
     * @param list<HardUse>  $uses
     *
     * @return list<TaskDue>
     */
    private static function dues(array $served, string $day, string $hours, array $uses = [], array $declined = [], ?UseRate $rate = null): array
    {
        $list = new DueList(new DuePolicy(EngineHours::of('15'), 30, EngineHours::of('10'), 30));
        $now = new EngineNow(self::day($day), EngineHours::of($hours), self::day('2023-05-01'));

        return $list->of(self::sheet(), new EngineRecord(new ServiceLog($served), $declined), $now, self::day($day), $rate, new HardUses($uses));
    }

    /** @param list<TaskDue> $dues */
    private static function due(array $dues, Task $task): TaskDue
    {
        return array_values(array_filter($dues, static fn (TaskDue $due): bool => $task === $due->task))[0];
    }

    private static function served(Task $task, Action $action, string $day, string $hours): Served
    {
        return new Served($task->component(), $action, new LastDone(self::day($day), EngineHours::of($hours)));
    }

    private static function sheet(): SpecSheet
    {
        return SheetReader::read(Book::sheet('kestrane-k165-early'));
    }

    private static function day(string $day): \DateTimeImmutable
    {
        return new \DateTimeImmutable($day.' UTC');
    }
}
