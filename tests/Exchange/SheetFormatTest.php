<?php

declare(strict_types=1);

namespace FreshTack\Tests\Exchange;

use FreshTack\Core\Reading\Flaw;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Core\SpecBook\SheetReader;
use FreshTack\Exchange\Json;
use FreshTack\Exchange\Schemas;
use FreshTack\Exchange\SheetSchema;
use FreshTack\Tests\Support\Book;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The schema and Core's reader must agree on what a spec sheet is. */
final class SheetFormatTest extends TestCase
{
    private const GONE = '(taken out)';

    /** @return iterable<string, array{list<string|int>, mixed, string}> path, value, where the reader finds the flaw */
    public static function broken(): iterable
    {
        $values = static fn (string ...$path): array => ['values', ...array_values($path)];
        yield 'another format' => [['format'], 'fresh-tack/spec-sheet/9', '/format'];
        yield 'no id' => [['id'], self::GONE, '/id'];
        yield 'a revision of nought' => [['revision'], 0, '/revision'];
        yield 'a status that is none' => [['status'], 'valid', '/status'];
        yield 'no reviewer' => [['reviewer'], '', '/reviewer'];
        yield 'a reviewer of blanks' => [['reviewer'], '  ', '/reviewer'];
        yield 'no reviewer of what is published' => [['reviewer'], null, '/reviewer'];
        yield 'an author with a bell' => [['author'], "Mora\u{0007}", '/author'];
        yield 'a maker that turns direction' => [['appliesTo', 'maker'], "Kes\u{202E}tra", '/appliesTo/maker'];
        yield 'a model over two lines' => [['appliesTo', 'models', 0], "K16\n5", '/appliesTo/models/0'];
        yield 'a long page' => [$values('drain.kind', 'page'), str_repeat('1', 41), '/values/drain.kind/page'];
        yield 'a long name of a source' => [$values('drain.kind', 'source'), str_repeat('s', 61), '/values/drain.kind/source'];
        yield 'a source without a page' => [$values('drain.kind', 'page'), null, '/values/drain.kind/page'];
        yield 'hours finer than tenths' => [$values('schedule.engineOil', 'every', 'hours'), '100.25', '/values/schedule.engineOil/every'];
        yield 'something that does not belong' => [['colour'], 'green', '/colour'];
        yield 'no model' => [['appliesTo', 'models'], [], '/appliesTo/models'];
        yield 'no range' => [['appliesTo', 'serials'], [], '/appliesTo/serials'];
        yield 'a serial number as text' => [['appliesTo', 'serials', 0, 'from'], '10001', '/appliesTo/serials/0/from'];
        yield 'a range without prefix' => [['appliesTo', 'serials', 0, 'prefix'], '', '/appliesTo/serials/0/prefix'];
        yield 'a value of no name' => [$values('engineOil.flavour'), ['value' => 'x', 'source' => 'book', 'page' => '1'], '/values/engineOil.flavour'];
        yield 'a capacity as a number' => [$values('engineOil.capacityWithFilter', 'value'), 5.46, '/values/engineOil.capacityWithFilter/value'];
        yield 'a capacity with a comma' => [$values('engineOil.capacityWithFilter', 'value'), '5,46', '/values/engineOil.capacityWithFilter'];
        yield 'a capacity without unit' => [$values('engineOil.capacityWithFilter', 'unit'), self::GONE, '/values/engineOil.capacityWithFilter/unit'];
        yield 'a capacity in hours' => [$values('engineOil.capacityWithFilter', 'unit'), 'h', '/values/engineOil.capacityWithFilter'];
        yield 'a capacity without source' => [$values('engineOil.capacityWithFilter', 'source'), self::GONE, '/values/engineOil.capacityWithFilter/source'];
        yield 'a capacity without page' => [$values('engineOil.capacityWithFilter', 'page'), self::GONE, '/values/engineOil.capacityWithFilter/page'];
        yield 'a size in quarts' => [$values('drain.hoseBore', 'unit'), 'us_qt', '/values/drain.hoseBore'];
        yield 'minutes as text' => [$values('engineOil.restAfterRun', 'value'), '25', '/values/engineOil.restAfterRun/value'];
        yield 'minutes in hours' => [$values('engineOil.restAfterRun', 'unit'), 'h', '/values/engineOil.restAfterRun/unit'];
        yield 'a kind of drain that is none' => [$values('drain.kind', 'value'), 'tap', '/values/drain.kind/value'];
        yield 'turns in words' => [$values('drain.openingLimit', 'value'), 'two', '/values/drain.openingLimit'];
        yield 'a tightening in words' => [$values('drain.closing'), ['kind' => 'words', 'text' => 'snug', 'source' => 'book', 'page' => '1'], '/values/drain.closing/kind'];
        yield 'a torque without its thread' => [$values('drain.closing', 'thread'), self::GONE, '/values/drain.closing/thread'];
        yield 'a torque in millimetres' => [$values('drain.closing', 'unit'), 'mm', '/values/drain.closing'];
        yield 'a flag in words' => [$values('oilFilter.fitted', 'value'), 'yes', '/values/oilFilter.fitted/value'];
        yield 'no pieces of a part' => [$values('oilFilter.part', 'count'), 0, '/values/oilFilter.part/count'];
        yield 'a grade chart in kelvin' => [$values('engineOil.grades', 'unit'), 'k', '/values/engineOil.grades/unit'];
        yield 'an empty grade chart' => [$values('engineOil.grades', 'chart'), [], '/values/engineOil.grades/chart'];
        yield 'an interval without any limit' => [$values('schedule.engineOil', 'every'), ['hours' => null, 'months' => null], '/values/schedule.engineOil/every'];
        yield 'a schedule that does not say what is done' => [$values('schedule.engineOil', 'action'), self::GONE, '/values/schedule.engineOil/action'];
        yield 'no way of draining allowed' => [$values('drain.allowed', 'values'), [], '/values/drain.allowed/values'];
        yield 'a way of draining that is none' => [$values('drain.allowed', 'values'), ['siphon'], '/values/drain.allowed/values/0'];
        yield 'a table without rows' => [$values('propeller.stack', 'rows'), [], '/values/propeller.stack/rows'];
        yield 'a row without its first column' => [$values('propeller.stack', 'rows', '0', 'piece'), self::GONE, '/values/propeller.stack/rows/0/piece'];
        yield 'a column that is none' => [$values('propeller.stack', 'rows', '0', 'colour'), 'red', '/values/propeller.stack/rows/0/colour'];
        yield 'an anode renewed at nothing' => [$values('anodes.list', 'rows', '0', 'renewAt'), 0, '/values/anodes.list/rows/0/renewAt'];
        yield 'a mass in litres' => [$values('lowerUnit.mass', 'unit'), 'l', '/values/lowerUnit.mass'];
        yield 'a gap without its other end' => [$values('ignition.gap', 'max'), self::GONE, '/values/ignition.gap/max'];
        yield 'a name with spaces' => [['id'], 'Kestrane K165', '/id'];
        yield 'a confirmed value of no name' => [['confirms'], ['engineOil.flavour'], '/confirms/0'];
        yield 'a base without revision' => [['base'], ['sheet' => 'family'], '/base/revision'];
        yield 'a model year of antiquity' => [['appliesTo', 'years'], ['from' => 1066, 'to' => 2026], '/appliesTo/years/from'];
        yield 'a family with models' => [['family'], true, '/appliesTo/models'];
        yield 'an interval of a century' => [$values('schedule.engineOil', 'every', 'months'), 1200, '/values/schedule.engineOil/every/months'];
    }

    /** @param list<string|int> $path */
    #[DataProvider('broken')]
    public function testSchemaAndReaderRefuseTheSame(array $path, mixed $value, string $pointer): void
    {
        $document = Book::with(Book::sheet('kestrane-k165-early'), $path, $value, self::GONE === $value);

        self::assertNotSame([], self::schemaFlaws($document), 'the schema lets it pass');
        self::assertContains($pointer, array_map(static fn (Flaw $flaw): string => $flaw->pointer, self::readerFlaws($document)));
    }

    /** @return iterable<string, array{list<string|int>, mixed, string}> what only the reader can know */
    public static function contradictory(): iterable
    {
        yield 'a sheet reviewed by its author' => [['reviewer'], 'Mora Ostrander', '/reviewer'];
        yield 'a range upside down' => [['appliesTo', 'serials', 0, 'to'], 10000, '/appliesTo/serials/0'];
        yield 'a source that is not listed' => [['values', 'drain.kind', 'source'], 'hearsay', '/values/drain.kind/source'];
        yield 'as much oil without filter as with' => [['values', 'engineOil.capacityWithoutFilter', 'value'], '5.46', '/values/engineOil.capacityWithoutFilter'];
        yield 'a minimum above the nominal torque' => [['values', 'drain.closing', 'min'], '9', '/values/drain.closing'];
        yield 'a band upside down' => [['values', 'engineOil.dipstickBand', 'low'], '0.8', '/values/engineOil.dipstickBand'];
        yield 'a grade from warm to cold' => [['values', 'engineOil.grades', 'chart', 0, 'from'], 50, '/values/engineOil.grades/chart/0'];
        yield 'a gap upside down' => [['values', 'ignition.gap', 'min'], '1.2', '/values/ignition.gap'];
        yield 'as much oil with filter as the dry engine takes' => [['values', 'engineOil.capacityDry', 'value'], '5.37', '/values/engineOil.capacityWithFilter'];
        yield 'a kind of drain that is not allowed' => [['values', 'drain.allowed', 'values'], ['plug'], '/values/drain.allowed'];
        yield 'two ranges of one sheet that overlap' => [['appliesTo', 'serials', 1], ['prefix' => 'KS4-', 'from' => 19999, 'to' => 20005], '/appliesTo/serials/1'];
        yield 'years upside down' => [['appliesTo', 'years'], ['from' => 2026, 'to' => 2020], '/appliesTo/years'];
        yield 'nobody has reviewed what is published' => [['reviewer'], null, '/reviewer'];
        yield 'turns upside down' => [['values', 'oilFilter.tightening', 'max'], '1/2', '/values/oilFilter.tightening'];
    }

    /** @param list<string|int> $path */
    #[DataProvider('contradictory')]
    public function testTheReaderFindsContradictions(array $path, mixed $value, string $pointer): void
    {
        $document = Book::with(Book::sheet('kestrane-k165-early'), $path, $value);

        self::assertSame([$pointer], array_map(static fn (Flaw $flaw): string => $flaw->pointer, self::readerFlaws($document)));
    }

    public function testAHoleIsNoFlaw(): void
    {
        $document = Book::with(Book::sheet('kestrane-k165-early'), ['values', 'drain.closing'], null);

        self::assertSame([[], []], [self::schemaFlaws($document), self::readerFlaws($document)]);
    }

    public function testTheSchemaIsTheOneThatTheFieldsMake(): void
    {
        self::assertStringEqualsFile(\dirname(__DIR__, 2).'/docs/formats/spec-sheet.schema.json', SheetSchema::written());
    }

    public function testEverySheetOfTheDemoPassesBoth(): void
    {
        foreach (Book::sheetIds() as $id) {
            self::assertSame([[], []], [self::schemaFlaws(Book::sheet($id)), self::readerFlaws(Book::sheet($id))], $id);
        }
    }

    /**
     * @param array<mixed> $document
     *
     * @return list<Flaw>
     */
    private static function schemaFlaws(array $document): array
    {
        try {
            (new Schemas(\dirname(__DIR__, 2)))->validate(Json::encode($document), Schemas::SPEC_SHEET);
        } catch (InvalidDocument $error) {
            return $error->flaws;
        }

        return [];
    }

    /**
     * @param array<mixed> $document
     *
     * @return list<Flaw>
     */
    private static function readerFlaws(array $document): array
    {
        try {
            SheetReader::read($document);
        } catch (InvalidDocument $error) {
            return $error->flaws;
        }

        return [];
    }
}
