<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\SpecBook;

use FreshTack\Core\SpecBook\Difference;
use FreshTack\Core\SpecBook\SheetDiff;
use FreshTack\Core\SpecBook\SheetReader;
use FreshTack\Tests\Support\Book;
use PHPUnit\Framework\TestCase;

final class SheetDiffTest extends TestCase
{
    public function testNamesTheValuesThatChanged(): void
    {
        self::assertSame(['engineOil.restAfterRun', 'oilFilter.spillClosing'], self::changed(Book::sheet('dunmarrow-d65'), Book::sheet('dunmarrow-d65-rev6')));
    }

    public function testAValueThatCameOrWentIsAChange(): void
    {
        $sheet = Book::sheet('dunmarrow-d65');
        $without = Book::with($sheet, ['values', 'drain.wrench'], null);
        self::assertSame([['drain.wrench'], ['drain.wrench']], [self::changed($sheet, $without), self::changed($without, $sheet)]);
    }

    public function testAnotherPageIsNoChangeOfTheFigure(): void
    {
        $sheet = Book::sheet('dunmarrow-d65');
        $moved = Book::with($sheet, ['values', 'drain.wrench', 'page'], '99');
        self::assertSame([], self::changed($sheet, $moved));
        $moves = array_filter(SheetDiff::between(SheetReader::read($sheet), SheetReader::read($moved)), static fn (Difference $difference): bool => $difference->isOtherSource());
        self::assertSame(['drain.wrench'], array_map(static fn (Difference $difference): string => $difference->field->value, array_values($moves)));
    }

    public function testASourceTakenAwayIsAChangeSinceTheValueCanNoLongerBeUsed(): void
    {
        $sheet = Book::sheet('dunmarrow-d65');
        self::assertSame(['drain.wrench'], self::changed($sheet, Book::with($sheet, ['values', 'drain.wrench', 'source'], null)));
    }

    /**
     * @param array<mixed> $older
     * @param array<mixed> $newer
     *
     * @return list<string>
     */
    private static function changed(array $older, array $newer): array
    {
        return array_map(static fn (Difference $difference): string => $difference->field->value, SheetDiff::changes(SheetReader::read($older), SheetReader::read($newer)));
    }
}
