<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\SpecBook;

use FreshTack\Core\SpecBook\Doubts;
use FreshTack\Core\SpecBook\SheetReader;
use FreshTack\Tests\Support\Book;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class DoubtsTest extends TestCase
{
    public function testTheDemoBookIsInNoDoubt(): void
    {
        foreach (Book::readSheets() as $sheet) {
            self::assertSame([], Doubts::about($sheet), $sheet->head->name());
        }
    }

    /** @return iterable<string, array{list<string|int>, mixed, string|null}> path, value, a part of what is told */
    public static function sheets(): iterable
    {
        $cylinders = ['values', 'identity.cylinders', 'value'];
        $plugs = ['values', 'ignition.plug', 'count'];
        yield 'one plug a cylinder' => [$cylinders, 4, null];
        yield 'two plugs a cylinder' => [$plugs, 8, null];
        yield 'four plugs on three cylinders' => [$cylinders, 3, '4 spark plugs for 3 cylinders'];
        yield 'a plug too few' => [$plugs, 3, '3 spark plugs for 4 cylinders'];
        yield 'no filter, with its number' => [['values', 'oilFilter.fitted', 'value'], false, 'there is no oil filter'];
        yield 'marks of half the sump' => [['values', 'engineOil.dipstickSpan', 'value'], '2.6', 'more than half of the capacity'];
        yield 'confirmed values of no family' => [['confirms'], ['drain.kind'], 'names none as its base'];
    }

    /** @param list<string|int> $path */
    #[DataProvider('sheets')]
    public function testTellsWhatIsSeldomMeant(array $path, mixed $value, ?string $told): void
    {
        $doubts = Doubts::about(SheetReader::read(Book::with(Book::document('book/sheets/kestrane-k165-early.json'), $path, $value)));

        self::assertCount(null === $told ? 0 : 1, $doubts);
        self::assertStringContainsString($told ?? '', $doubts[0] ?? '');
    }
}
