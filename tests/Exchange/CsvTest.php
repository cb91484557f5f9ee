<?php

declare(strict_types=1);

namespace FreshTack\Tests\Exchange;

use Eris\Generators;
use Eris\TestTrait;
use FreshTack\Core\Parts\CataloguePart;
use FreshTack\Core\Parts\KitLine;
use FreshTack\Core\Parts\Origin;
use FreshTack\Core\Reading\Flaw;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Core\SpecBook\SheetDiff;
use FreshTack\Core\SpecBook\SheetReader;
use FreshTack\Core\SpecBook\Task;
use FreshTack\Exchange\CsvTable;
use FreshTack\Exchange\PartsCsv;
use FreshTack\Exchange\ScheduleCsv;
use FreshTack\Tests\Support\Book;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class CsvTest extends TestCase
{
    use TestTrait;

    /** @return iterable<string, array{string}> the same two rows, written as programs write them */
    public static function dialects(): iterable
    {
        yield 'commas' => ["a,b\n1,x\n2,\"y, z\"\n"];
        yield 'semicolons' => ["a;b\n1;x\n2;y, z\n"];
        yield 'a byte order mark' => ["\xEF\xBB\xBFa,b\n1,x\n2,\"y, z\"\n"];
        yield 'lines of another system' => ["a,b\r\n1,x\r\n2,\"y, z\"\r\n"];
        yield 'no line break at the end' => ["a,b\n1,x\n2,\"y, z\""];
        yield 'blanks around headings and cells' => ["a , b\n 1,x \n2,\"y, z\"\n"];
        yield 'columns the other way round' => ["b,a\nx,1\n\"y, z\",2\n"];
    }

    #[DataProvider('dialects')]
    public function testReadsWhatSpreadsheetsWrite(string $text): void
    {
        $rows = array_map(static fn (array $row): array => [$row['a'], $row['b']], CsvTable::read($text, ['a', 'b'], [])->rows);
        self::assertSame([['1', 'x'], ['2', 'y, z']], $rows);
    }

    /** @return iterable<string, array{string, bool}> a cell, whether it is taken */
    public static function cells(): iterable
    {
        yield 'a word' => ['seal', true];
        yield 'a number' => ['12', true];
        yield 'a number below zero' => ['-12', true];
        yield 'a number with its sign and decimals' => ['+1.5', true];
        yield 'a part number with a hyphen' => ['DM-11407', true];
        yield 'a sum' => ['=A1+B1', false];
        yield 'a sum behind blanks' => ['  =A1', false];
        yield 'a command' => ['@SUM(A1)', false];
        yield 'a plus that is no number' => ['+A1', false];
        yield 'a minus that is no number' => ['-A1', false];
    }

    #[DataProvider('cells')]
    public function testACellThatLooksLikeAFormulaIsRefusedWithItsRow(string $cell, bool $taken): void
    {
        try {
            $table = CsvTable::read("a,b\nfirst,x\n\"$cell\",x\n", ['a', 'b'], []);
            self::assertTrue($taken);
            self::assertSame(trim($cell), $table->rows[1]['a']);
        } catch (InvalidDocument $error) {
            self::assertFalse($taken, $error->getMessage());
            self::assertSame(['/rows/3/a'], array_map(static fn (Flaw $flaw): string => $flaw->pointer, $error->flaws));
        }
    }

    /** @return iterable<string, array{string, string}> */
    public static function refused(): iterable
    {
        yield 'a heading is missing' => ["a\n1\n", 'Missing: b.'];
        yield 'a heading that nobody knows' => ["a,b,colour\n1,2,red\n", 'Not known: "colour".'];
        yield 'nothing' => ['', 'Missing: a, b.'];
        yield 'Latin-1' => ["a,b\n1,Di\xE9sel\n", 'not written in UTF-8'];
        yield 'UTF-16' => ["\xFF\xFEa\0,\0b\0\n\0", 'not written in UTF-8'];
    }

    #[DataProvider('refused')]
    public function testAFileOfAnotherShapeIsRefusedWithTheRemedy(string $text, string $message): void
    {
        $this->expectException(InvalidDocument::class);
        $this->expectExceptionMessage($message);
        CsvTable::read($text, ['a', 'b'], []);
    }

    public function testACellThatASpreadsheetWouldRunGoesOutDefused(): void
    {
        self::assertSame("a\r\n'=1+1\r\n", CsvTable::write(['a'], [['a' => '=1+1']]));
    }

    public function testPartsComeBackAsTheyWent(): void
    {
        $parts = [
            new CataloguePart('DM-1', 'Seal, "fibre"', 'Dunmarrow', Origin::Maker, 10, 'A1-02', 31, 95, 'DM-2'),
            new CataloguePart('DM-2', 'Seal; copper', 'Dunmarrow', Origin::Maker, 1, 'A1-03', 0, 100_000),
            new CataloguePart('K-1', 'Kit', 'Tidewell', Origin::Other, 1, 'K1', 2, 5, null, [new KitLine('DM-1', 2), new KitLine('DM-2', 1)]),
        ];
        self::assertEquals($parts, array_values(PartsCsv::read(PartsCsv::write($parts))));
    }

    public function testEveryPriceComesBackToTheCoin(): void
    {
        $this->limitTo(150)->forAll(Generators::choose(0, 9_999_999), Generators::choose(0, 1_000_000))->then(static function (int $price, int $stock): void {
            $part = new CataloguePart('DM-1', 'Seal', 'Dunmarrow', Origin::Maker, 1, 'A1', $stock, $price);
            self::assertEquals([2 => $part], PartsCsv::read(PartsCsv::write([$part])));
        });
    }

    /** @return iterable<string, array{string, int|null}> written, minor; null: refused */
    public static function prices(): iterable
    {
        yield 'two decimals' => ['18.40', 1840];
        yield 'one decimal' => ['18.4', 1840];
        yield 'none' => ['18', 1800];
        yield 'a comma' => ['"18,40"', 1840];
        yield 'nothing' => ['0', 0];
        yield 'three decimals' => ['18.405', null];
        yield 'a currency' => ['€18.40', null];
        yield 'thousands apart' => ['"1,000.00"', null];
        yield 'below zero' => ['-1.00', null];
        yield 'empty' => ['', null];
    }

    #[DataProvider('prices')]
    public function testReadsPricesAsPeopleWriteThemAndNeverGuesses(string $written, ?int $minor): void
    {
        $csv = implode(',', PartsCsv::HEADINGS)."\nDM-1,Seal,Dunmarrow,maker,1,A1,2,$written\n";

        try {
            self::assertSame($minor, PartsCsv::read($csv)[2]->priceMinor);
        } catch (InvalidDocument $error) {
            self::assertNull($minor, $error->getMessage());
            self::assertSame(['/rows/2/price'], array_map(static fn (Flaw $flaw): string => $flaw->pointer, $error->flaws));
        }
    }

    public function testAScheduleComesBackAsItWent(): void
    {
        foreach (['kestrane-k165-early', 'dunmarrow-d65', 'dunmarrow-d7'] as $id) {
            $sheet = Book::sheet($id);
            $read = ScheduleCsv::read(ScheduleCsv::write(SheetReader::read($sheet)));
            $values = \is_array($sheet['values'] ?? null) ? $sheet['values'] : [];
            $back = SheetReader::read([...$sheet, 'sources' => [...(array) $sheet['sources'], ...$read['sources']], 'values' => [...$values, ...$read['values']]]);
            self::assertSame([], SheetDiff::changes(SheetReader::read($sheet), $back), $id);
            self::assertSame(array_keys($read['values']), array_keys($read['rows']));
        }
    }

    /** @return iterable<string, array{string, list<string>}> rows, where the flaws are */
    public static function schedules(): iterable
    {
        yield 'a task that is none' => ["polish,renew,,,100,,,,,,,\n", ['/rows/2/task']];
        yield 'a task twice' => ["engine_oil,renew,,,100,,,,,,,\nengine_oil,renew,,,90,,,,,,,\n", ['/rows/3/task']];
    }

    /** @param list<string> $pointers */
    #[DataProvider('schedules')]
    public function testAScheduleNamesEachTaskOnce(string $rows, array $pointers): void
    {
        try {
            ScheduleCsv::read("task,action,first_h,first_months,every_h,every_months,severe_h,severe_months,severe_use,document,document_revision,page\n".$rows);
            self::fail('It was taken.');
        } catch (InvalidDocument $error) {
            self::assertSame($pointers, array_map(static fn (Flaw $flaw): string => $flaw->pointer, $error->flaws));
        }
    }

    public function testAScheduleHasARowForEveryTaskWithUnitsInItsHeadings(): void
    {
        $lines = explode("\r\n", trim(ScheduleCsv::write(SheetReader::read(Book::sheet('kestrane-k165-early')))));
        $scheduled = array_filter(Task::cases(), static fn (Task $task): bool => !$task->schedule()->isOfBoat());
        self::assertCount(1 + \count($scheduled), $lines);
        self::assertSame('task,action,first_h,first_months,every_h,every_months,severe_h,severe_months,severe_use,document,document_revision,page', $lines[0]);
        self::assertStringStartsWith('external_anodes,inspect,80.0,6,80.0,6,,3,"salt moored",', $lines[8] ?? '');
    }
}
