<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\SpecBook;

use FreshTack\Core\SpecBook\SheetField;
use FreshTack\Core\SpecBook\SheetReader;
use FreshTack\Core\SpecBook\SpecSheet;
use FreshTack\Core\SpecBook\Task;
use FreshTack\Core\SpecBook\TaskNeeds;
use FreshTack\Tests\Support\Book;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class TaskNeedsTest extends TestCase
{
    /** @return iterable<string, array{string, string, list<string>}> sheet, value taken out, tasks that it blocks */
    public static function holes(): iterable
    {
        yield 'a valve without its opening limit' => ['kestrane-k165-late', 'drain.openingLimit', ['engine_oil', 'oil_filter']];
        yield 'a valve without the bore of its hose' => ['kestrane-k165-late', 'drain.hoseBore', ['engine_oil', 'oil_filter']];
        yield 'a plug without its seal' => ['dunmarrow-d65', 'drain.seal', ['engine_oil', 'oil_filter']];
        yield 'a valve needs no seal' => ['kestrane-k165-late', 'drain.seal', []];
        yield 'extraction without what it leaves behind' => ['dunmarrow-d7', 'engineOil.leftByExtraction', ['engine_oil']];
        yield 'nobody says how it drains' => ['dunmarrow-d65', 'drain.kind', ['engine_oil', 'oil_filter']];
        yield 'a trough without the figure of its plug' => ['dunmarrow-d65', 'oilFilter.spillClosing', ['oil_filter']];
        yield 'a tray has no plug' => ['kestrane-k240-early', 'oilFilter.spillClosing', []];
        yield 'an in-line filter without its clamps' => ['dunmarrow-d12', 'fuel.clamps', ['fuel_filter']];
        yield 'a cartridge without a word on its sensor' => ['kestrane-k165-late', 'fuel.waterSensor', ['fuel_filter']];
        yield 'a bowl without its o-ring' => ['dunmarrow-d36', 'fuel.seal', ['fuel_filter']];
        yield 'a drain behind the propeller needs the propeller' => ['dunmarrow-d130-dl1', 'propeller.tightening', ['gear_lubricant', 'propeller_shaft']];
        yield 'a drain beside it does not' => ['dunmarrow-d65', 'propeller.tightening', ['propeller_shaft']];
        yield 'a tab washer to renew' => ['dunmarrow-d65', 'propeller.lockPart', ['propeller_shaft']];
        yield 'a lock nut has none' => ['dunmarrow-d130-dl1', 'propeller.lockPart', []];
        yield 'anodes inside and outside' => ['dunmarrow-d65', 'anodes.list', ['external_anodes', 'internal_anodes']];
        yield 'a belt for the timing' => ['dunmarrow-d65', 'belts.timingPart', ['timing_belt']];
        yield 'a chain is only looked at' => ['dunmarrow-d12', 'belts.timingPart', []];
        yield 'what is told but not needed' => ['dunmarrow-d65', 'oilFilter.gasketLubricant', []];
    }

    /** @param list<string> $blocked */
    #[DataProvider('holes')]
    public function testAHoleBlocksTheTasksThatNeedItOnThisEngine(string $sheet, string $path, array $blocked): void
    {
        $missing = TaskNeeds::missing(self::without($sheet, $path));
        self::assertSame($blocked, array_map(static fn (Task $task): string => $task->value, $missing[$path] ?? []));
    }

    public function testATaskThatIsNotScheduledNeedsNothing(): void
    {
        $sheet = self::without('dunmarrow-d65', 'belts.timingPart', 'schedule.timingBelt');
        self::assertArrayNotHasKey('belts.timingPart', TaskNeeds::missing($sheet));
    }

    public function testEveryTaskNeedsSomethingOfEverySheetThatSchedulesIt(): void
    {
        foreach (Book::readSheets() as $sheet) {
            foreach ($sheet->tasks() as $task) {
                $needs = TaskNeeds::of($task, $sheet);
                self::assertNotSame([], $needs, $task->value);
                self::assertSame(array_values(array_unique(array_map(static fn (SheetField $field): string => $field->value, $needs))), array_map(static fn (SheetField $field): string => $field->value, $needs), $task->value.' names none twice');
            }
        }
    }

    private static function without(string $sheet, string ...$paths): SpecSheet
    {
        return SheetReader::read(array_reduce($paths, static fn (array $document, string $path): array => Book::with($document, ['values', $path], null), Book::sheet($sheet)));
    }

    public function testWhatATaskEverNeedsHoldsWhatItNeedsOnEachEngine(): void
    {
        foreach (Book::readSheets() as $sheet) {
            foreach ($sheet->tasks() as $task) {
                $needs = array_map(static fn (SheetField $field): string => $field->value, TaskNeeds::of($task, $sheet));
                $ever = array_map(static fn (SheetField $field): string => $field->value, TaskNeeds::ever($task));
                self::assertSame([], array_values(array_diff($needs, $ever)), $sheet->head->id.' '.$task->value);
            }
        }
    }
}
