<?php

declare(strict_types=1);

namespace FreshTack\Tests\Shop;

use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\SpecBook\SheetField;
use FreshTack\Core\SpecBook\SheetReader;
use FreshTack\Core\SpecBook\Standing;
use FreshTack\Shop\Book\PartNumbers;
use FreshTack\Shop\Book\SheetChange;
use FreshTack\Shop\Order\Fill;
use FreshTack\Tests\Support\Book;
use PHPUnit\Framework\TestCase;

/** What an editor and a filled hole make of a sheet's document. */
final class SheetChangeTest extends TestCase
{
    public function testAValueIsSetWithWhoAndWhenAndTheOthersStayAsTheyAre(): void
    {
        $before = Book::sheet('dunmarrow-d65');
        $after = self::changed(['values' => ['drain.wrench' => ['value' => '18', 'unit' => 'mm', 'source' => 'book', 'page' => '51']]]);
        self::assertSame(['value' => '18', 'unit' => 'mm', 'source' => 'book', 'page' => '51', 'by' => 'Mora Ostrander', 'on' => '2026-03-18'], self::value($after, 'drain.wrench'));
        self::assertSame(self::value($before, 'drain.seal'), self::value($after, 'drain.seal'));
    }

    public function testNullTakesAValueOutAndADocumentThatNoValueNamesGoesWithIt(): void
    {
        $with = self::changed(['values' => ['drain.wrench' => ['value' => '18', 'unit' => 'mm', 'source' => 'new', 'page' => '1']], 'sources' => ['new' => ['document' => 'Bulletin', 'revision' => '1'], 'unused' => ['document' => 'Nothing', 'revision' => '1']]]);
        self::assertSame(['book', 'new'], array_keys((array) $with['sources']));
        $without = SheetChange::at(Cursor::over(['values' => ['drain.wrench' => null]]))->into($with, 'Teo Valdris', new \DateTimeImmutable('2026-03-19'));
        self::assertNull(self::value($without, 'drain.wrench'));
        self::assertSame(['book'], array_keys((array) $without['sources']));
    }

    public function testNobodyCanSayThatAValueCameFromAFamilyOrWasConfirmed(): void
    {
        $after = self::changed(['values' => ['drain.wrench' => ['value' => '18', 'unit' => 'mm', 'source' => 'book', 'page' => '51', 'from' => 'somewhere', 'confirmed' => true, 'filled' => ['by' => 'x', 'reason' => 'y']]]]);
        self::assertSame(['value', 'unit', 'source', 'page', 'by', 'on'], array_keys((array) self::value($after, 'drain.wrench')));
    }

    public function testWhatIsNotMentionedDoesNotChange(): void
    {
        self::assertSame(Book::sheet('dunmarrow-d65'), self::changed([]));
        self::assertSame('Why.', self::changed(['note' => ' Why. '])['note']);
        self::assertNull(self::changed(['note' => ''])['note']);
    }

    public function testAFillAnswersAHoleAndIsMarked(): void
    {
        $filled = SheetReader::read(self::fill()->into(Book::sheet('kestrane-k85')));
        $value = $filled->value(SheetField::FilterTightening);
        self::assertSame(Standing::Filled, $value?->standing);
        self::assertSame('¾ – 1 turn', $value->figure());
        self::assertSame('counted from where the gasket first touches · † filled in on this order', $value->detail());
        self::assertSame('Workshop book, rev. C, p. 2-13 (filled in on this order by Mora Ostrander: The manual lies here.)', $value->source->text());
    }

    public function testAFillGivesWayOnceTheBookKnowsTheValue(): void
    {
        $known = Book::with(Book::sheet('kestrane-k85'), ['values', 'oilFilter.tightening'], ['kind' => 'hand_tight', 'source' => 'book', 'page' => '9']);
        self::assertSame($known, self::fill()->into($known));
        $unsourced = Book::with($known, ['values', 'oilFilter.tightening', 'source'], null);
        self::assertNotSame($unsourced, self::fill()->into($unsourced), 'a value without a source is no value');
    }

    public function testAFillComesBackFromTheDraftAsItWent(): void
    {
        $cursor = Cursor::over(self::fill()->toArray());
        self::assertEquals(self::fill(), Fill::at($cursor));
        $cursor->flaws->throwIfAny();
    }

    public function testPartNumbersAreFoundWithTheirPlacesInTablesToo(): void
    {
        $found = PartNumbers::in(['values' => ['drain.seal' => ['part' => 'A-1', 'count' => 1], 'anodes.list' => ['rows' => [['location' => 'trim/tab', 'part' => 'A-2', 'seal' => 'A-3']]], 'engineOil.fillCap' => ['value' => 'part']]]);
        self::assertSame(['/values/drain.seal/part' => 'A-1', '/values/anodes.list/rows/0/part' => 'A-2', '/values/anodes.list/rows/0/seal' => 'A-3'], $found);
    }

    private static function fill(): Fill
    {
        return new Fill(7, SheetField::FilterTightening, ['kind' => 'turns_after_contact', 'min' => '3/4', 'max' => '1'], 'Workshop book', 'C', '2-13', 'The manual lies here.', 'Mora Ostrander');
    }

    /**
     * @param array<string, mixed> $change
     *
     * @return array<mixed>
     */
    private static function changed(array $change): array
    {
        return SheetChange::at(Cursor::over($change))->into(Book::sheet('dunmarrow-d65'), 'Mora Ostrander', new \DateTimeImmutable('2026-03-18'));
    }

    /** @param array<mixed> $document */
    private static function value(array $document, string $path): mixed
    {
        return Cursor::over($document)->at('values')->at($path)->raw();
    }
}
