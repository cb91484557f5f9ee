<?php

declare(strict_types=1);

namespace FreshTack\Tests\Exchange;

use FreshTack\Core\Reading\Flaw;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Exchange\OrderRequestReader;
use FreshTack\Tests\Support\Book;
use FreshTack\Tests\Support\Requests;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class OrderRequestReaderTest extends TestCase
{
    /** @return iterable<string, array{list<string|int>, mixed, string}> */
    public static function broken(): iterable
    {
        yield 'another format' => [['format'], 'x', '/format'];
        yield 'a day that does not exist' => [['day'], '2026-02-30', '/day'];
        yield 'a place that is none' => [['place'], 'beach', '/place'];
        yield 'air crossed over' => [['air'], ['coldest' => 20, 'warmest' => 5], '/air'];
        yield 'air beyond any' => [['air', 'warmest'], 90, '/air/warmest'];
        yield 'a first pour above the capacity' => [['policy', 'firstPourPercent'], 101, '/policy/firstPourPercent'];
        yield 'a reserve in hours' => [['policy', 'reservePerEngine', 'unit'], 'h', '/policy/reservePerEngine'];
        yield 'a container in an unknown unit' => [['shelf', 0, 'size', 'unit'], 'barrel', '/shelf/0/size'];
        yield 'a price below zero' => [['shelf', 0, 'priceMinor'], -1, '/shelf/0/priceMinor'];
        yield 'no engine' => [['engines'], [], '/engines'];
        yield 'two engines in one place' => [['engines', 0, 'position'], 'port', '/engines'];
        yield 'hours below zero' => [['engines', 0, 'hours'], '-1', '/engines/0/hours'];
        yield 'a task that is none' => [['engines', 0, 'tasks', 0, 'task'], 'polish', '/engines/0/tasks/0/task'];
        yield 'a reading off the scale' => [['engines', 0, 'arrival', 'reading'], '2.5', '/engines/0/arrival/reading'];
        yield 'a flaw inside the sheet' => [['engines', 1, 'sheet', 'values', 'drain.kind', 'value'], 'tap', '/engines/1/sheet/values/drain.kind/value'];
        yield 'no procedures' => [['procedures'], [], '/procedures'];
        yield 'a flaw inside a procedure' => [['procedures', 0, 'operations', 0, 'phase'], 'lunch', '/procedures/0/operations/0/phase'];
    }

    /** @param list<string|int> $path */
    #[DataProvider('broken')]
    public function testNamesThePlaceOfTheFlaw(array $path, mixed $value, string $pointer): void
    {
        try {
            OrderRequestReader::read(Book::with(Requests::twin(), $path, $value));
        } catch (InvalidDocument $error) {
            self::assertContains($pointer, array_map(static fn (Flaw $flaw): string => $flaw->pointer, $error->flaws));

            return;
        }
        self::fail('It was read.');
    }

    public function testReadsAnEngineWithoutMeterAndWithoutReading(): void
    {
        $withoutHours = Book::with(Requests::twin(), ['engines', 0, 'hours'], null);
        $request = OrderRequestReader::read(Book::with($withoutHours, ['engines', 0, 'arrival'], null));

        self::assertNull($request->engines[0]->hours);
        self::assertNull($request->engines[0]->arrival);
    }
}
