<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\SpecBook;

use FreshTack\Core\SpecBook\Inheritance;
use FreshTack\Core\SpecBook\SheetField;
use FreshTack\Core\SpecBook\SheetReader;
use FreshTack\Core\SpecBook\SpecSheet;
use FreshTack\Core\SpecBook\Standing;
use FreshTack\Tests\Support\Book;
use PHPUnit\Framework\TestCase;

final class InheritanceTest extends TestCase
{
    public function testOwnValuesWin(): void
    {
        $sheet = self::flat(['engineOil.performanceClass' => ['value' => 'VO-9', 'source' => 'book', 'page' => '3']]);
        self::assertSame('VO-9', $sheet->text(SheetField::PerformanceClass));
        self::assertSame(Standing::Own, $sheet->value(SheetField::PerformanceClass)?->standing);
    }

    public function testAFamilyValueSaysWhereItComesFrom(): void
    {
        $value = self::flat([])->value(SheetField::PerformanceClass);
        self::assertSame(Standing::Inherited, $value?->standing);
        self::assertSame('Family book, rev. 1, p. 4 (from aldermoor-family rev. 3)', $value->source->text());
    }

    public function testASafetyRelevantFamilyValueCountsOnlyOnceConfirmed(): void
    {
        $unconfirmed = self::flat([]);
        self::assertNull($unconfirmed->value(SheetField::DipstickSpan), 'not usable');
        self::assertSame(Standing::Unconfirmed, $unconfirmed->entered(SheetField::DipstickSpan)?->standing);
        self::assertSame('500 ml (16.9 US fl oz)', self::flat([], ['engineOil.dipstickSpan'])->value(SheetField::DipstickSpan)?->figure());
    }

    public function testAHoleOfTheFamilyStaysAHole(): void
    {
        self::assertNull(self::flat([])->entered(SheetField::RestAfterRun));
    }

    public function testSourcesOfBothStayApartThoughTheirKeysAreTheSame(): void
    {
        $sheet = self::flat(['engineOil.fillCap' => ['value' => 'top', 'source' => 'book', 'page' => '3']]);
        self::assertSame(['Model book', 'Family book'], [$sheet->value(SheetField::FillCap)?->source->document, $sheet->value(SheetField::PerformanceClass)?->source->document]);
    }

    /**
     * @param array<string, mixed> $values
     * @param list<string>         $confirms
     */
    private static function flat(array $values, array $confirms = []): SpecSheet
    {
        $base = ['format' => SheetReader::FORMAT, 'status' => 'published', 'author' => 'A', 'reviewer' => 'B'];
        $family = [...$base, 'id' => 'aldermoor-family', 'revision' => 3, 'family' => true, 'appliesTo' => ['maker' => 'Aldermoor', 'models' => [], 'serials' => []], 'sources' => ['book' => ['document' => 'Family book', 'revision' => '1']], 'values' => [
            'engineOil.performanceClass' => ['value' => 'VO-3', 'source' => 'book', 'page' => '4'],
            'engineOil.dipstickSpan' => ['value' => '0.5', 'unit' => 'l', 'source' => 'book', 'page' => '4'],
            'engineOil.restAfterRun' => null,
        ]];
        $sheet = [...$base, 'id' => 'aldermoor-a50', 'revision' => 1, 'base' => ['sheet' => 'aldermoor-family', 'revision' => 3], 'confirms' => $confirms, 'appliesTo' => ['maker' => 'Aldermoor', 'models' => ['A50'], 'serials' => [['prefix' => 'AX-', 'from' => 1, 'to' => 9]]], 'sources' => ['book' => ['document' => 'Model book', 'revision' => '2']], 'values' => $values];
        SheetReader::read($family);
        SheetReader::read($sheet);

        return SheetReader::read(Inheritance::flatten($sheet, $family));
    }

    public function testAValueWithoutASourceIsAHole(): void
    {
        $sheet = SheetReader::read(Book::with(Book::with(Book::sheet('dunmarrow-d65'), ['values', 'drain.wrench', 'source'], null), ['values', 'drain.wrench', 'page'], null));
        self::assertNull($sheet->value(SheetField::DrainWrench));
        self::assertSame(Standing::Unsourced, $sheet->entered(SheetField::DrainWrench)?->standing);
        self::assertSame('no source yet', $sheet->entered(SheetField::DrainWrench)->source->text());
    }
}
