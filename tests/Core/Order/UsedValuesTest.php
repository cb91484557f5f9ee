<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Order;

use FreshTack\Core\Reading\Cursor;
use FreshTack\Tests\Support\Book;
use FreshTack\Tests\Support\Requests;
use PHPUnit\Framework\TestCase;

/** Which values of its sheet an engine's order rests on, and which figures it has at hand. */
final class UsedValuesTest extends TestCase
{
    public function testAnOilChangeRestsOnOilAndDrainAndOnNothingOfTheGearcase(): void
    {
        $used = self::used('D65', 'D65-3308', 'dunmarrow-d65', ['engine_oil']);
        foreach (['engineOil.capacityWithoutFilter', 'engineOil.grades', 'engineOil.performanceClass', 'engineOil.dipstickSpan', 'engineOil.restAfterRun', 'drain.closing', 'drain.seal', 'schedule.engineOil'] as $path) {
            self::assertContains($path, $used);
        }
        foreach (['oilFilter.part', 'schedule.oilFilter', 'gearcase.volume', 'identity.family'] as $path) {
            self::assertNotContains($path, $used);
        }
    }

    public function testWithTheFilterItRestsOnTheOtherCapacity(): void
    {
        $used = self::used('D65', 'D65-3308', 'dunmarrow-d65', ['engine_oil', 'oil_filter']);
        self::assertContains('engineOil.capacityWithFilter', $used);
        self::assertContains('oilFilter.spillClosing', $used);
    }

    public function testAnswersThatLeftAnOperationOutCountToo(): void
    {
        self::assertContains('oilFilter.spill', self::used('K165', 'KS4-10412', 'kestrane-k165-early', ['engine_oil', 'oil_filter']), 'another way of catching the spill would bring the trough in');
    }

    public function testNothingPickedRestsOnNothing(): void
    {
        self::assertSame([], self::used('D65', 'D65-3308', 'dunmarrow-d65', []));
    }

    public function testThePlateHasTheSectionsThatTheOrderDrawsOnAndOnlyWhatCanBeUsed(): void
    {
        $request = Requests::single('D65', 'D65-3308', 'dunmarrow-d65', ['engine_oil']);
        $sheet = Book::with(Book::with(Book::sheet('dunmarrow-d65'), ['values', 'oilFilter.wrench', 'source'], null), ['values', 'oilFilter.wrench', 'page'], null);
        $plate = self::engine(Book::with($request, ['engines', 0, 'sheet'], $sheet))->at('plate')->list();
        $paths = array_map(static fn (Cursor $figure): string => $figure->at('path')->string(), $plate);
        self::assertContains('engineOil.capacityDry', $paths, 'the same section');
        self::assertNotContains('gearcase.volume', $paths, 'another section');
        self::assertNotContains('oilFilter.wrench', $paths, 'nobody has said where it comes from');
    }

    public function testTheSheetsOwnTimeForAnOperationCounts(): void
    {
        $request = Requests::single('D65', 'D65-3308', 'dunmarrow-d65', ['engine_oil', 'oil_filter']);
        $minutes = static function (array $request): int {
            foreach (Cursor::over(Requests::document($request))->at('operations')->list() as $operation) {
                if ('single.filter-off' === $operation->at('id')->raw()) {
                    return $operation->at('attendedMin')->int(0, 999);
                }
            }
            self::fail('No filter is taken off.');
        };
        self::assertSame(5, $minutes($request), 'by the sheet');
        self::assertSame(4, $minutes(Book::with($request, ['engines', 0, 'sheet', 'values', 'times.operations'], null)), 'by the procedure');
    }

    public function testATaskThatNoProcedureTellsIsParkedWithItsReason(): void
    {
        $request = Requests::single('D65', 'D65-3308', 'dunmarrow-d65', ['engine_oil', 'spark_plugs']);
        $request['procedures'] = Book::proceduresWithout('spark-plugs');
        $blocked = self::engine($request)->at('blocked')->list();
        self::assertCount(1, $blocked);
        self::assertSame('The book has no procedure yet for this: spark plugs.', $blocked[0]->at('reason')->raw());
    }

    /**
     * @param list<string> $tasks
     *
     * @return list<string>
     */
    private static function used(string $model, string $serial, string $sheet, array $tasks): array
    {
        return self::engine(Requests::single($model, $serial, $sheet, $tasks))->at('used')->strings();
    }

    /** @param array<mixed> $request */
    private static function engine(array $request): Cursor
    {
        return Cursor::over(Requests::document($request))->at('engines')->at(0);
    }
}
