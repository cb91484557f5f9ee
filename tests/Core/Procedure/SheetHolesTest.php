<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Procedure;

use FreshTack\Core\Order\BlockedTask;
use FreshTack\Core\Procedure\ProcedureReader;
use FreshTack\Core\Procedure\SheetHoles;
use FreshTack\Core\SpecBook\SheetReader;
use FreshTack\Core\SpecBook\Task;
use FreshTack\Tests\Support\Book;
use FreshTack\Tests\Support\Requests;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SheetHolesTest extends TestCase
{
    /** @return iterable<string, array{string, string, string}> model, serial number, sheet */
    public static function engines(): iterable
    {
        yield 'air, a level plug, no filter' => ['A5', 'OA-1200', 'orrisdale-a5'];
        yield 'two drains, an element under a cap' => ['B60', 'BB6-20100', 'brannock-b60'];
        yield 'a closed circuit, a valve' => ['C120', 'SC-5100', 'sorrelby-c120'];
        yield 'a valve, a shield' => ['K165', 'KS4-10412', 'kestrane-k165-early'];
        yield 'a plug behind a panel, a trough' => ['D65', 'D65-3308', 'dunmarrow-d65'];
    }

    /** What the book lists as holes is what an order would park, no more and no less, whichever value is missing. */
    #[DataProvider('engines')]
    public function testEachValueThatIsMissingIsAHoleOfTheTasksThatAnOrderParks(string $model, string $serial, string $id): void
    {
        $document = Book::sheet($id);
        $holes = new SheetHoles(Book::readProcedures());
        self::assertIsArray($document['values']);
        $all = array_map(static fn (Task $task): string => $task->value, SheetReader::read($document)->tasks());
        foreach (array_keys($document['values']) as $path) {
            if (str_starts_with((string) $path, 'schedule.')) {
                continue;
            }
            $without = Book::with($document, ['values', $path], null);
            $request = Book::with(Requests::single($model, $serial, $id, $all), ['engines', 0, 'sheet'], $without);
            $parked = array_map(static fn (BlockedTask $blocked): string => $blocked->task->value, Requests::build($request)->blocked());
            $missing = array_values($holes->of(SheetReader::read($without)));
            $listed = array_map(static fn (Task $task): string => $task->value, array_merge(...$missing));

            self::assertEqualsCanonicalizing(array_values(array_unique($listed)), $parked, (string) $path);
        }
    }

    public function testWhatSeveralTasksShareBlocksOnlyThoseThatDoIt(): void
    {
        $without = SheetReader::read(Book::with(Book::sheet('dunmarrow-d65'), ['values', 'ignition.socket'], null));
        $holes = new SheetHoles(Book::readProcedures());

        self::assertSame(
            ['ignition.socket' => [Task::SparkPlugs, Task::TimingBelt, Task::ValveClearance]],
            array_intersect_key($holes->of($without), ['ignition.socket' => true]),
        );
    }

    public function testWhatAShopsOwnProcedureAsksForIsAHoleOfItsTaskAndOfWhatIsDoneWithinIt(): void
    {
        $procedures = array_map(
            static fn (array $procedure): array => 'engine-oil' === $procedure['id']
                ? [...$procedure, 'needs' => [...(array) $procedure['needs'], 'drain.hoseLength']]
                : $procedure,
            Book::procedures(),
        );
        $holes = new SheetHoles(array_map(ProcedureReader::read(...), $procedures));
        $sheet = SheetReader::read(Book::with(Book::sheet('dunmarrow-d65'), ['values', 'drain.hoseLength'], null));

        self::assertSame([Task::EngineOil, Task::OilFilter], $holes->of($sheet)['drain.hoseLength'] ?? []);
    }
}
