<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Due;

use FreshTack\Core\Due\DueRequestReader;
use FreshTack\Core\Reading\Flaw;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Exchange\DueDocument;
use FreshTack\Exchange\Json;
use FreshTack\Exchange\Schemas;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What `due:assess` reads and writes. */
final class DueRequestReaderTest extends TestCase
{
    private const ASKED = [
        'now' => ['date' => '2026-03-18', 'hours' => '312.5'],
        'inService' => '2024-01-31',
        'window' => ['hours' => '15', 'days' => 30],
        'grace' => ['hours' => '10', 'days' => 30],
        'tasks' => [],
    ];

    /** @return iterable<string, array{array<string, mixed>, array<string, mixed>}> a task, its answer */
    public static function tasks(): iterable
    {
        $yearly = ['first' => ['hours' => '20', 'months' => 1], 'every' => ['hours' => '100', 'months' => 12]];
        yield 'hours are worse than the calendar' => [
            [...$yearly, 'last' => ['date' => '2025-03-18', 'hours' => '200']],
            // at 300 h, 12.5 h ago and so past the grace of 10; the year is up today
            ['state' => 'overdue', 'by' => 'hours', 'dueDate' => '2026-03-18', 'dueHours' => '300.0', 'daysLeft' => 0, 'hoursLeft' => '-12.5'],
        ];
        yield 'equal states: hours' => [
            [...$yearly, 'last' => ['date' => '2025-03-18', 'hours' => '212.5']],
            ['state' => 'due', 'by' => 'hours', 'dueDate' => '2026-03-18', 'dueHours' => '312.5', 'daysLeft' => 0, 'hoursLeft' => '0.0'],
        ];
        yield 'the calendar is worse' => [
            [...$yearly, 'last' => ['date' => '2025-02-15', 'hours' => '298']],
            // 15 Feb 2026 is 31 days ago
            ['state' => 'overdue', 'by' => 'calendar', 'dueDate' => '2026-02-15', 'dueHours' => '398.0', 'daysLeft' => -31, 'hoursLeft' => '85.5'],
        ];
        yield 'a month end that does not exist' => [
            ['first' => null, 'every' => ['hours' => null, 'months' => 6], 'last' => ['date' => '2025-08-31', 'hours' => null]],
            ['state' => 'due', 'by' => 'calendar', 'dueDate' => '2026-02-28', 'dueHours' => null, 'daysLeft' => -18, 'hoursLeft' => null],
        ];
        yield 'a leap day' => [
            ['first' => null, 'every' => ['hours' => null, 'months' => 24], 'last' => ['date' => '2024-02-29', 'hours' => '3']],
            ['state' => 'due', 'by' => 'calendar', 'dueDate' => '2026-02-28', 'dueHours' => null, 'daysLeft' => -18, 'hoursLeft' => null],
        ];
        yield 'never done, the first limit long past' => [
            [...$yearly, 'last' => null],
            // one month from 31 Jan 2024 ends on 29 Feb 2024, 748 days before 18 Mar 2026
            ['state' => 'no_record', 'by' => null, 'dueDate' => '2024-02-29', 'dueHours' => '20.0', 'daysLeft' => -748, 'hoursLeft' => '-292.5'],
        ];
        yield 'never done, and no first limit' => [
            ['first' => null, 'every' => ['hours' => '100', 'months' => 12], 'last' => null],
            // counted from the day in service and from 0 h, and past that by more than the grace
            [
                'state' => 'no_record', 'by' => null, 'dueDate' => '2025-01-31', 'dueHours' => '100.0',
                'daysLeft' => -411, 'hoursLeft' => '-212.5',
            ],
        ];
        yield 'never done, the first limit to come' => [
            ['first' => ['hours' => '1000', 'months' => null], 'every' => ['hours' => '1000', 'months' => null], 'last' => null],
            ['state' => 'not_due', 'by' => null, 'dueDate' => null, 'dueHours' => '1000.0', 'daysLeft' => null, 'hoursLeft' => '687.5'],
        ];
        yield 'soon, by the window of hours reached exactly' => [
            [...$yearly, 'last' => ['date' => '2026-01-01', 'hours' => '227.5']],
            ['state' => 'soon', 'by' => 'hours', 'dueDate' => '2027-01-01', 'dueHours' => '327.5', 'daysLeft' => 289, 'hoursLeft' => '15.0'],
        ];
    }

    /**
     * @param array<string, mixed> $task
     * @param array<string, mixed> $answer
     */
    #[DataProvider('tasks')]
    public function testAssesses(array $task, array $answer): void
    {
        $document = [...self::ASKED, 'tasks' => [['id' => '7', ...$task]]];

        self::assertSame(['tasks' => [['id' => '7', ...$answer]]], DueDocument::of(DueRequestReader::assess($document)));
    }

    public function testWithoutAMeterTheCalendarDecidesAlone(): void
    {
        $document = [...self::ASKED, 'now' => ['date' => '2026-03-18', 'hours' => null], 'tasks' => [['id' => 'oil', 'first' => null, 'every' => ['hours' => '1', 'months' => 12], 'last' => ['date' => '2025-12-01', 'hours' => '1']]]];

        self::assertSame(['not_due', null], [DueRequestReader::assess($document)[0][1]->state->value, DueRequestReader::assess($document)[0][1]->hoursLeftTenths]);
    }

    /** @return iterable<string, array{array<string, mixed>, list<string>}> what is wrong, pointers */
    public static function flaws(): iterable
    {
        $task = ['id' => 'oil', 'first' => null, 'every' => ['hours' => '100', 'months' => 12], 'last' => null];
        yield 'a day that does not exist' => [['now' => ['date' => '2026-02-29', 'hours' => '1']], ['/now/date', '/inService']];
        yield 'in service tomorrow' => [['inService' => '2026-03-19'], ['/inService']];
        yield 'done tomorrow' => [['tasks' => [[...$task, 'last' => ['date' => '2026-03-19', 'hours' => '1']]]], ['/tasks/0/last/date']];
        yield 'hours below zero' => [['now' => ['date' => '2026-03-18', 'hours' => '-1']], ['/now/hours']];
        yield 'hours finer than a tenth' => [['now' => ['date' => '2026-03-18', 'hours' => '1.25']], ['/now/hours']];
        yield 'hours as words' => [['tasks' => [[...$task, 'every' => ['hours' => 'many', 'months' => 12]]]], ['/tasks/0/every/hours']];
        yield 'an interval without a limit' => [['tasks' => [[...$task, 'every' => ['hours' => null, 'months' => null]]]], ['/tasks/0/every']];
        yield 'no months at all' => [['tasks' => [[...$task, 'every' => ['hours' => '1', 'months' => 0]]]], ['/tasks/0/every/months']];
        yield 'an interval of no hours' => [['tasks' => [[...$task, 'every' => ['hours' => '0', 'months' => 12]]]], ['/tasks/0/every']];
        yield 'done at more hours than the engine has' => [
            ['tasks' => [[...$task, 'last' => ['date' => '2026-01-10', 'hours' => '312.6']]]],
            ['/tasks/0/last/hours'],
        ];
        yield 'two of one name' => [['tasks' => [$task, $task]], ['/tasks/1/id']];
        yield 'a grace in letters' => [['grace' => ['hours' => '10', 'days' => 'thirty']], ['/grace/days']];
        yield 'a misspelt key' => [['tasks' => [[...$task, 'evry' => []]]], ['/tasks/0/evry']];
        yield 'tasks that are no list' => [['tasks' => 'all'], ['/tasks']];
    }

    public function testTheSchemaAgreesWithTheReader(): void
    {
        $schemas = new Schemas(\dirname(__DIR__, 3));
        foreach (self::tasks() as $name => [$task]) {
            $schemas->validate(Json::encode([...self::ASKED, 'tasks' => [['id' => '7', ...$task]]]), Schemas::DUE_REQUEST);
        }
        // what compares one value with another is the reader's alone
        $beyond = [
            'in service tomorrow',
            'done tomorrow',
            'hours finer than a tenth',
            'two of one name',
            'done at more hours than the engine has',
        ];
        foreach (self::flaws() as $name => [$change]) {
            if (!\in_array($name, $beyond, true)) {
                $refused = false;
                try {
                    $schemas->validate(Json::encode([...self::ASKED, ...$change]), Schemas::DUE_REQUEST);
                } catch (InvalidDocument) {
                    $refused = true;
                }
                self::assertTrue($refused, "the schema lets through: $name");
            }
        }
    }

    /**
     * @param array<string, mixed> $change
     * @param list<string>         $pointers
     */
    #[DataProvider('flaws')]
    public function testSaysWhatIsWrongAndWhere(array $change, array $pointers): void
    {
        try {
            DueRequestReader::assess([...self::ASKED, ...$change]);
            self::fail('It was taken.');
        } catch (InvalidDocument $error) {
            self::assertSame($pointers, array_values(array_unique(array_map(static fn (Flaw $flaw): string => $flaw->pointer, $error->flaws))));
        }
    }
}
