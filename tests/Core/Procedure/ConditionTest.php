<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Procedure;

use FreshTack\Core\Policy\Question;
use FreshTack\Core\Policy\Schools;
use FreshTack\Core\Procedure\Condition;
use FreshTack\Core\Procedure\EngineFacts;
use FreshTack\Core\Procedure\Figure;
use FreshTack\Core\Procedure\RowFilter;
use FreshTack\Core\SpecBook\SheetField;
use FreshTack\Core\SpecBook\SheetReader;
use FreshTack\Core\SpecBook\TableRow;
use FreshTack\Core\SpecBook\Task;
use FreshTack\Tests\Support\Book;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Questions that a procedure asks of one engine in one order. */
final class ConditionTest extends TestCase
{
    /** @return iterable<string, array{Condition, bool}> asked of a workboat's engine: drained by a plug, with a filter, its oil changed */
    public static function conditions(): iterable
    {
        yield 'always' => [Condition::always(), true];
        yield 'a value of the sheet' => [Condition::isOneOf('drain.kind', 'plug'), true];
        yield 'one of several' => [Condition::isOneOf('drain.kind', 'valve', 'plug'), true];
        yield 'another value' => [Condition::isOneOf('drain.kind', 'valve'), false];
        yield 'a value that the sheet has' => [Condition::exists('drain.panel'), true];
        yield 'a value that nobody knows' => [Condition::exists('valves.nothing'), false];
        yield 'a yes or no' => [Condition::isOneOf('oilFilter.fitted', 'yes'), true];
        yield 'what the order worked out' => [Condition::isOneOf('order.place', 'lift'), true];
        yield 'a picked task' => [Condition::isOneOf('task.engine_oil', 'yes'), true];
        yield 'a task that was not picked' => [Condition::isOneOf('task.water_pump', 'yes'), false];
        yield 'the shop\'s school' => [Condition::isOneOf('policy.pump', 'kit'), true];
        yield 'what is not so' => [Condition::not(Condition::exists('valves.nothing')), true];
        yield 'the opposite of what is so' => [Condition::not(Condition::exists('drain.panel')), false];
        yield 'all of them' => [Condition::all(Condition::isOneOf('drain.kind', 'plug'), Condition::exists('drain.panel')), true];
        yield 'not all of them' => [Condition::all(Condition::isOneOf('drain.kind', 'plug'), Condition::isOneOf('drain.kind', 'valve')), false];
        yield 'any of them' => [Condition::any(Condition::isOneOf('drain.kind', 'valve'), Condition::exists('drain.panel')), true];
        yield 'none of them' => [Condition::any(Condition::isOneOf('drain.kind', 'valve'), Condition::exists('valves.nothing')), false];
        yield 'all of nothing' => [Condition::all(), true];
        yield 'any of nothing' => [Condition::any(), false];
    }

    #[DataProvider('conditions')]
    public function testAConditionHoldsOrNot(Condition $condition, bool $holds): void
    {
        self::assertSame($holds, $condition->holds(self::facts()));
    }

    public function testAConditionSaysEveryPathThatItAsks(): void
    {
        self::assertSame(['a.b', 'c.d', 'e.f'], Condition::all(Condition::isOneOf('a.b', 'x'), Condition::any(Condition::exists('c.d'), Condition::exists('e.f')))->paths());
    }

    public function testAnotherSchoolIsAnotherAnswer(): void
    {
        self::assertFalse(Condition::isOneOf('policy.pump', 'kit')->holds(self::facts(Schools::standard()->with(Question::Pump, 'impeller'))));
    }

    public function testRowsAreThoseOfTheFilterThatFitTheEngine(): void
    {
        $table = SheetReader::read(Book::sheet('dunmarrow-d65'))->table(SheetField::Anodes);
        self::assertNotNull($table);
        $places = static fn (?RowFilter $filter): array => array_values(array_unique(array_map(static fn (TableRow $row): ?string => $row->words('place'), RowFilter::rows($table, $filter, self::facts()))));

        self::assertSame(['external'], $places(new RowFilter('place', 'external')));
        self::assertGreaterThan(1, \count($places(null)));
        self::assertSame([], $places(new RowFilter('place', 'on the moon')));
    }

    private static function facts(?Schools $schools = null): EngineFacts
    {
        return new EngineFacts(SheetReader::read(Book::sheet('dunmarrow-d65')), ['order.place' => new Figure('order.place', 'place', 'on the lift', null, 'check-in')], ['order.place' => 'lift'], [Task::EngineOil], $schools);
    }
}
