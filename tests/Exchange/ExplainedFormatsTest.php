<?php

declare(strict_types=1);

namespace FreshTack\Tests\Exchange;

use FreshTack\Core\Order\PlannableBook;
use FreshTack\Core\Order\TriedTask;
use FreshTack\Core\SpecBook\SheetReader;
use FreshTack\Exchange\Json;
use FreshTack\Exchange\Schemas;
use FreshTack\Tests\Support\Book;
use PHPUnit\Framework\TestCase;

/** What the pages about formats show is what the program takes. */
final class ExplainedFormatsTest extends TestCase
{
    public function testTheSheetThatIsExplainedIsSoundAndGivesItsOrders(): void
    {
        $page = (string) file_get_contents(__DIR__.'/../../docs/formats/spec-sheet.md');
        self::assertSame(1, preg_match('/```json\n(.+?)```/s', $page, $found));
        $text = $found[1];
        (new Schemas(__DIR__.'/../..'))->validate($text, Schemas::SPEC_SHEET);
        $tried = (new PlannableBook())->tryOut(Book::readProcedures(), SheetReader::read(Json::decode($text)));

        self::assertSame($text, file_get_contents(__DIR__.'/../../docs/examples/book/sheets/orrisdale-a2.json'));
        self::assertCount(3, $tried);
        self::assertSame([], array_filter($tried, static fn (TriedTask $each): bool => !$each->isSound()));
    }
}
