<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Order;

use FreshTack\Core\Order\PlannableBook;
use FreshTack\Core\Order\TriedTask;
use FreshTack\Core\Plan\CannotPlan;
use FreshTack\Core\Plan\Gate;
use FreshTack\Core\Plan\GateBroken;
use FreshTack\Core\Procedure\Procedure;
use FreshTack\Core\Procedure\ProcedureReader;
use FreshTack\Core\SpecBook\SheetReader;
use FreshTack\Core\SpecBook\SheetStatus;
use FreshTack\Core\SpecBook\SpecSheet;
use FreshTack\Core\SpecBook\Task;
use FreshTack\Tests\Support\Book;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PlannableBookTest extends TestCase
{
    public function testTheDemoBookCanBePlannedOnAllItsSheets(): void
    {
        $this->expectNotToPerformAssertions();
        (new PlannableBook())->check(Book::readProcedures(), self::sheets(), Task::cases());
    }

    /** @return iterable<string, array{string, list<string>}> sheet, what is parked when its tasks are tried together */
    public static function tried(): iterable
    {
        yield 'a whole sheet' => ['brannock-b60', []];
        yield 'without water, filter and battery' => ['orrisdale-a5', []];
        yield 'on a closed circuit' => ['sorrelby-c120', []];
        yield 'with a hole' => ['kestrane-k320', ['Valve clearance: Missing in the spec book: exhaust valve clearance, cold.']];
    }

    /** @param list<string> $parked */
    #[DataProvider('tried')]
    public function testASheetIsTriedTaskByTaskAndTogether(string $id, array $parked): void
    {
        $sheet = SheetReader::read(Book::sheet($id));
        $tried = (new PlannableBook())->tryOut(Book::readProcedures(), $sheet);

        self::assertSame([null, ...$sheet->tasks()], array_map(static fn (TriedTask $each): ?Task => $each->task, $tried));
        self::assertSame($parked, $tried[0]->parked);
        $unsound = array_filter(\array_slice($tried, 1), static fn (TriedTask $each): bool => !$each->isSound());
        self::assertCount(\count($parked), $unsound);
    }

    public function testWhatContradictsIsToldOfItsTaskAndOfAllTogether(): void
    {
        $book = self::changed('engine-oil', 'fill', ['attitude' => null]);
        $tried = (new PlannableBook())->tryOut($book, SheetReader::read(Book::sheet('brannock-b60')));
        $told = array_filter($tried, static fn (TriedTask $each): bool => null !== $each->contradicts);

        $tasks = array_values(array_map(static fn (TriedTask $each): ?Task => $each->task, $told));
        self::assertSame([null, Task::EngineOil, Task::OilFilter], $tasks);
    }

    public function testAPourThatDoesNotSayHowTheEngineHangsIsNamed(): void
    {
        try {
            (new PlannableBook())->check(self::changed('engine-oil', 'fill', ['attitude' => null]), self::sheets(), [Task::EngineOil]);
            self::fail('It can be planned.');
        } catch (GateBroken $broken) {
            self::assertSame(Gate::AttitudeSaid, $broken->gate);
            self::assertStringContainsString('"Fill the oil"', $broken->getMessage());
        }
    }

    public function testStepsThatBarEachOthersWayAreBothNamed(): void
    {
        // the drain is opened in one go with the filling, which needs the drain that is closed in between
        $this->expectException(CannotPlan::class);
        $this->expectExceptionMessageMatches('/".+".+".+"/');
        $drains = self::changed('engine-oil', 'drain-plug', ['together' => 'oil', 'thermal' => null]);
        $both = array_map(
            static fn (Procedure $procedure): Procedure => 'engine-oil' === $procedure->id
                ? ProcedureReader::read(self::with(
                    self::with(self::document('engine-oil'), 'drain-plug', ['together' => 'oil', 'thermal' => null]),
                    'fill',
                    ['together' => 'oil'],
                ))
                : $procedure,
            $drains,
        );
        (new PlannableBook())->check($both, self::sheets(), [Task::EngineOil]);
    }

    /** @return list<SpecSheet> */
    private static function sheets(): array
    {
        return array_values(array_filter(
            Book::readSheets(),
            static fn (SpecSheet $sheet): bool => [] !== $sheet->head->models && SheetStatus::Published === $sheet->head->status,
        ));
    }

    /**
     * @param array<string, mixed> $change
     *
     * @return list<Procedure>
     */
    private static function changed(string $id, string $operation, array $change): array
    {
        return array_map(
            static fn (Procedure $procedure): Procedure => $id === $procedure->id
                ? ProcedureReader::read(self::with(self::document($id), $operation, $change))
                : $procedure,
            Book::readProcedures(),
        );
    }

    /** @return array<mixed> */
    private static function document(string $id): array
    {
        return array_values(array_filter(Book::procedures(), static fn (array $document): bool => $id === ($document['id'] ?? null)))[0];
    }

    /**
     * @param array<mixed>         $document
     * @param array<string, mixed> $change
     *
     * @return array<mixed>
     */
    private static function with(array $document, string $operation, array $change): array
    {
        $operations = [];
        foreach (\is_array($document['operations'] ?? null) ? $document['operations'] : [] as $each) {
            $operations[] = \is_array($each) && $operation === ($each['id'] ?? null)
                ? array_filter([...$each, ...$change], static fn (mixed $value): bool => null !== $value)
                : $each;
        }

        return [...$document, 'operations' => $operations];
    }
}
