<?php

declare(strict_types=1);

namespace FreshTack\Tests\Exchange;

use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Exchange\BookArchive;
use FreshTack\Exchange\Json;
use FreshTack\Exchange\SheetDocument;
use FreshTack\Tests\Support\Book;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class BookArchiveTest extends TestCase
{
    public function testWhatIsWrittenIsReadAndTheSameBookGivesTheSameBytes(): void
    {
        $files = ['sheets/b.r2.json' => '{"b":2}', 'models.json' => '{}', 'procedures/visit.json' => '{"v":1}', 'sheets/a.json' => '{"a":1}'];
        $zip = BookArchive::write($files);
        self::assertTrue(BookArchive::isZip($zip));
        ksort($files);
        self::assertSame($files, BookArchive::read($zip)->files);
        self::assertSame($zip, BookArchive::write($files));
        self::assertFalse(BookArchive::isZip('{"format":"fresh-tack/spec-sheet/1"}'));
    }

    /** @return iterable<string, array{string, string}> a name inside, a part of the message */
    public static function names(): iterable
    {
        yield 'upwards' => ['../models.json', 'a path outside itself'];
        yield 'upwards from a folder' => ['sheets/../../x.json', 'a path outside itself'];
        yield 'from the root' => ['/models.json', 'a path outside itself'];
        yield 'of another system' => ['C:\\models.json', 'a path outside itself'];
        yield 'a program' => ['sheets/a.php', 'belongs to no book'];
        yield 'another folder' => ['secrets/a.json', 'belongs to no book'];
        yield 'a folder deeper' => ['sheets/deep/a.json', 'belongs to no book'];
        yield 'capital letters' => ['sheets/A.json', 'belongs to no book'];
    }

    #[DataProvider('names')]
    public function testOnlyTheFilesOfABookAreRead(string $name, string $message): void
    {
        $this->expectException(InvalidDocument::class);
        $this->expectExceptionMessage($message);
        BookArchive::read(BookArchive::write([$name => '{}']));
    }

    public function testAFileThatUnpacksToMoreThanASheetCanBeIsNotRead(): void
    {
        $bomb = BookArchive::write(['sheets/a.json' => str_repeat(' ', 3_000_000)]);
        self::assertLessThan(20_000, \strlen($bomb));
        $this->expectException(InvalidDocument::class);
        $this->expectExceptionMessage('larger unpacked than a sheet can be');
        BookArchive::read($bomb);
    }

    public function testASheetsTextIsTheSameWhateverTheOrderOfItsKeys(): void
    {
        $sheet = Book::document('book/sheets/kestrane-k320.json');
        self::assertSame(SheetDocument::text($sheet), SheetDocument::text(array_reverse($sheet, true)));
        self::assertSame($sheet, Json::decode(SheetDocument::text($sheet)));
    }

    public function testASheetWithoutValuesKeepsItsObjects(): void
    {
        $text = SheetDocument::text([...Book::document('book/sheets/kestrane-k320.json'), 'values' => [], 'sources' => []]);
        self::assertStringContainsString('"values": {}', $text);
        self::assertStringContainsString('"sources": {}', $text);
    }

    public function testAnOutlineIsTheSameDocument(): void
    {
        $sheet = Book::document('book/sheets/kestrane-k320.json');
        foreach ([0, 1, 2, 9] as $depth) {
            self::assertSame($sheet, Json::decode(Json::outline($sheet, $depth)));
        }
        self::assertSame("{\n  \"a\": [1,2],\n  \"b\": {}\n}", Json::outline(['a' => [1, 2], 'b' => new \stdClass()], 1));
    }
}
