<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\SpecBook;

use FreshTack\Core\Quantity\EngineHours;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Core\Schedule\Limit;
use FreshTack\Core\SpecBook\BoatSeparators;
use FreshTack\Core\SpecBook\SeparatorCount;
use FreshTack\Core\SpecBook\SheetField;
use FreshTack\Core\SpecBook\SheetReader;
use FreshTack\Core\SpecBook\Task;
use FreshTack\Tests\Support\Book;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class BoatSeparatorsTest extends TestCase
{
    /** @return iterable<string, array{SeparatorCount, bool, bool}> count; whether counted at the first engine, at another */
    public static function counts(): iterable
    {
        yield 'nobody has looked' => [SeparatorCount::Unknown, false, false];
        yield 'none on a dinghy' => [SeparatorCount::None, false, false];
        yield 'one for the boat' => [SeparatorCount::One, true, false];
        yield 'one for each engine' => [SeparatorCount::Each, true, true];
    }

    #[DataProvider('counts')]
    public function testWhereTheyAreCounted(SeparatorCount $count, bool $atFirst, bool $atOther): void
    {
        $separators = new BoatSeparators($count, null, $count->isFitted() ? self::yearly() : null);

        self::assertSame([$atFirst, $atOther], [$separators->areCountedAt(true), $separators->areCountedAt(false)]);
    }

    public function testTheyStandBesideTheSheetAndLeaveItAsItIs(): void
    {
        $sheet = SheetReader::read(Book::sheet('kestrane-k85'));
        $separators = new BoatSeparators(SeparatorCount::Each, 'TW-4410', self::yearly());
        $beside = $separators->beside($sheet);

        self::assertSame('every 100 h or 12 months', $beside->interval(Task::FuelSeparator)?->text());
        self::assertSame('TW-4410', $beside->part(SheetField::BoatSeparatorElement)?->number);
        self::assertSame('the boat\'s own entry', $beside->value(SheetField::BoatSeparatorElement)?->source->text());
        self::assertNull($sheet->interval(Task::FuelSeparator));
        self::assertSame($sheet->volume(SheetField::CapacityWithFilter), $beside->volume(SheetField::CapacityWithFilter));
        self::assertSame($sheet, $beside->origin());
        self::assertSame($beside, $separators->beside($sheet), 'engines of one sheet share it');
    }

    public function testAnElementThatNobodyHasReadIsAHole(): void
    {
        $beside = (new BoatSeparators(SeparatorCount::One, null, self::yearly()))->beside(SheetReader::read(Book::sheet('kestrane-k85')));

        self::assertNotNull($beside->interval(Task::FuelSeparator));
        self::assertNull($beside->value(SheetField::BoatSeparatorElement));
    }

    public function testOneThatIsFittedHasItsInterval(): void
    {
        $this->expectException(\LogicException::class);
        new BoatSeparators(SeparatorCount::One, 'TW-4410');
    }

    public function testASheetCannotSayWhatIsTheBoats(): void
    {
        $sheet = Book::sheet('kestrane-k85');
        $sheet['values'] = [...\is_array($sheet['values']) ? $sheet['values'] : [], 'boat.separatorElement' => ['part' => 'TW-4410', 'count' => 1, 'source' => null, 'page' => null]];

        $this->expectException(InvalidDocument::class);
        $this->expectExceptionMessage('No value of this name belongs on a sheet.');
        SheetReader::read($sheet);
    }

    private static function yearly(): Limit
    {
        return Limit::of(EngineHours::of('100'), 12);
    }
}
