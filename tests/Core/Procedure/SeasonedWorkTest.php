<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Procedure;

use FreshTack\Core\Order\OrderedOperation;
use FreshTack\Core\Order\OrderedStep;
use FreshTack\Core\Order\WorkOrder;
use FreshTack\Core\Plan\TimelineEntry;
use FreshTack\Core\SpecBook\Task;
use FreshTack\Tests\Support\Book;
use FreshTack\Tests\Support\Requests;
use PHPUnit\Framework\TestCase;

/** What somebody with years at the bench does without being told. */
final class SeasonedWorkTest extends TestCase
{
    public function testTheOilIsLookedAtBeforeAnEngineIsStartedForAnythingElse(): void
    {
        $ids = self::steps(self::workboat(['water_pump']));

        self::assertContains('single.unlock.level', $ids);
        self::assertLessThan(array_search('single.test-run.start', $ids, true), array_search('single.unlock.level', $ids, true));
        // where the oil is changed it is read on arrival
        self::assertNotContains('single.unlock.level', self::steps(self::workboat(['engine_oil'])));
    }

    public function testOldPlugsAreReadAsTheyComeOut(): void
    {
        $tasks = array_column(Task::cases(), 'value');
        foreach ([1, 2] as $technicians) {
            $engines = [
                Requests::engine('port', 'K165', 'KS4-10412', 'kestrane-k165-early', $tasks),
                Requests::engine('starboard', 'K165', 'KS4-20977', 'kestrane-k165-late', $tasks),
            ];
            $order = Requests::build(Book::with(Requests::rig($engines), ['technicians'], $technicians));
            foreach (['port', 'starboard'] as $position) {
                [$out, $read] = [self::entry($order, $position.'.plugs-out'), self::entry($order, $position.'.plugs-read')];
                self::assertSame([$out->endMin, $out->technicians], [$read->startMin, $read->technicians]);
            }
        }
    }

    public function testNoCoverGoesOnBetweenOpeningAndClosingSomethingBesideIt(): void
    {
        foreach ([1, 2] as $technicians) {
            $engine = Requests::engine('single', 'K165', 'KS4-21650', 'kestrane-k165-late', array_column(Task::cases(), 'value'));
            $order = Requests::build(Book::with(Requests::rig([$engine]), ['technicians'], $technicians));
            [$off, $on] = [self::entry($order, 'single.thermostat-off')->startMin, self::entry($order, 'single.thermostat-on')->startMin];
            $guard = self::entry($order, 'single.guard-on')->startMin;

            self::assertTrue($guard < $off || $guard > $on, "$technicians: the guard at $guard, the housing open from $off to $on");
        }
    }

    public function testTheValveGearDoesNotLieOpenWhileTheBeltIsRenewed(): void
    {
        foreach ([1, 2] as $technicians) {
            foreach ([['D65', 'D65-3308', 'dunmarrow-d65'], ['K240', 'KT6-15101', 'kestrane-k240-early']] as $engine) {
                $request = Requests::single(...[...$engine, array_column(Task::cases(), 'value')]);
                $order = Requests::build(Book::with($request, ['technicians'], $technicians));
                $off = self::entry($order, 'single.valve-cover-off')->startMin;
                $on = self::entry($order, 'single.valve-cover-on')->startMin;
                $belt = self::entry($order, 'single.timing-new')->startMin;

                self::assertTrue($belt < $off || $belt > $on, "$engine[0], $technicians: belt at $belt, cover off from $off to $on");
            }
        }
    }

    public function testAnEngineIsSprayedWhenItHasRestedAndIsNotHotAnyMore(): void
    {
        foreach ([1, 2] as $technicians) {
            $request = Requests::single('K240', 'KT6-15101', 'kestrane-k240-early', array_column(Task::cases(), 'value'));
            $order = Requests::build(Book::with($request, ['technicians'], $technicians));

            $stopped = self::entry($order, 'single.leak-check')->endMin;
            // its sheet asks for 40 minutes
            self::assertGreaterThanOrEqual($stopped + 40, self::entry($order, 'single.protect')->startMin);
        }
    }

    public function testPouredOilIsLetSettleAtOnce(): void
    {
        foreach ([1, 2] as $technicians) {
            $engine = Requests::engine('single', 'K85', 'KM2-5120', 'kestrane-k85', array_column(Task::cases(), 'value'));
            $order = Requests::build(Book::with(Requests::rig([$engine]), ['technicians'], $technicians));
            [$fill, $rest] = [self::entry($order, 'single.fill'), self::entry($order, 'single.first-rest')];
            $turns = array_filter(
                $order->timeline->entries,
                static fn (TimelineEntry $entry): bool => $entry->startMin >= $fill->endMin && $entry->startMin < $rest->startMin
                    && $entry->technicians === $fill->technicians && null === $entry->work->changes->turnsTo,
            );

            self::assertSame([$fill->technicians, []], [$rest->technicians, $turns]);
        }
    }

    public function testWhoGoesRoundTheEngineLooksUnderItsCowlAsWell(): void
    {
        $operations = array_map(
            static fn (OrderedOperation $ordered): string => $ordered->work->id->operation,
            self::workboat(['inspection'])->operations,
        );

        self::assertLessThan(array_search('inspect', $operations, true), array_search('cowl-off', $operations, true));
        self::assertContains('cowl-on', $operations);
    }

    public function testAnEngineWithoutABatteryHearsOfNone(): void
    {
        $dinghy = Requests::build(Requests::single('D12', 'D12-4471', 'dunmarrow-d12', ['fuel_filter', 'engine_oil']));
        $words = implode(' ', array_map(static fn (OrderedStep $step): string => $step->words->text, self::all($dinghy)));

        self::assertStringNotContainsStringIgnoringCase('battery', str_replace('Bung, fuel cock, battery switch', '', $words));
        self::assertContains('single.fuel-off-inline.pressure', self::steps($dinghy));
        self::assertNotSame([], preg_grep('/fuel-off-.*\.battery$/', self::steps(self::workboat(['fuel_filter']))));
    }

    /** @param list<string> $tasks */
    private static function workboat(array $tasks): WorkOrder
    {
        return Requests::build(Requests::single('D65', 'D65-3308', 'dunmarrow-d65', $tasks));
    }

    /** @return list<OrderedStep> */
    private static function all(WorkOrder $order): array
    {
        return array_merge(...array_map(static fn (OrderedOperation $ordered): array => $ordered->steps, $order->operations));
    }

    /** @return list<string> */
    private static function steps(WorkOrder $order): array
    {
        return array_map(static fn (OrderedStep $step): string => $step->id->text, self::all($order));
    }

    private static function entry(WorkOrder $order, string $id): TimelineEntry
    {
        return array_values(array_filter($order->timeline->entries, static fn (TimelineEntry $entry): bool => $id === $entry->id()))[0];
    }
}
