<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\SpecBook;

use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Reading\Flaw;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Core\SpecBook\SheetField;
use FreshTack\Core\SpecBook\SheetValue;
use FreshTack\Core\SpecBook\Source;
use FreshTack\Core\SpecBook\ValueReader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every kind of value as it is written and as it is read aloud, and what is refused of it. */
final class ValueKindsTest extends TestCase
{
    /** @return iterable<string, array{SheetField, array<string, mixed>, string, string|null}> field, written, figure, detail */
    public static function written(): iterable
    {
        yield 'a volume in fluid ounces' => [
            SheetField::GearcaseVolume, ['value' => '13.6', 'unit' => 'us_fl_oz'], '13.6 US fl oz (402 ml)', null,
        ];
        yield 'a gap' => [SheetField::IgnitionGap, ['min' => '0.8', 'max' => '0.9', 'unit' => 'mm'], '0.8 – 0.9 mm', null];
        yield 'a gap of one figure' => [SheetField::IgnitionGap, ['min' => '0.043', 'max' => '0.043', 'unit' => 'in'], '0.043 in', null];
        yield 'a mass' => [SheetField::LowerUnitMass, ['value' => '31', 'unit' => 'lb'], '31 lb (14.1 kg)', null];
        yield 'a power' => [SheetField::Power, ['value' => '95.6', 'unit' => 'kw'], '95.6 kW', null];
        yield 'a count' => [SheetField::Cylinders, ['value' => 6], '6', null];
        yield 'several ways, in the order of the book' => [SheetField::DrainAllowed, ['values' => ['extraction', 'valve']], 'valve, extraction', null];
        yield 'grades in Fahrenheit, narrowed to whole degrees' => [SheetField::Grades, ['unit' => 'f', 'chart' => [['grade' => '10W-30', 'from' => 1, 'to' => 89, 'preferred' => true]]], '10W-30 from −17 °C to 31 °C', null];
        yield 'a schedule without hours' => [SheetField::ScheduleExternalAnodes, ['first' => null, 'every' => ['hours' => null, 'months' => 6], 'action' => 'inspect', 'severe' => ['hours' => null, 'months' => 3, 'uses' => ['salt', 'moored']]], 'every 6 months', 'inspect · every 3 months with salt water, kept moored'];
        yield 'fasteners, the long one told' => [SheetField::Panels, ['rows' => [['panel' => 'port panel', 'position' => 'around', 'head' => 'hex', 'size' => ['value' => '8', 'unit' => 'mm'], 'count' => 5, 'longAt' => 'lower rear']]], 'port panel, position around, head hex, size 8 mm, count 5, the long one goes lower rear', null];
        yield 'an inspection with its findings' => [SheetField::InspectionPoints, ['rows' => [['zone' => 'steering play', 'by' => 'movement', 'answers' => ['none', 'much'], 'findings' => ['much'], 'steering' => 'remote']]], 'steering play, by movement, answers none / much, which of them are findings much, only with steering remote', null];
        yield 'an anode' => [SheetField::Anodes, ['rows' => [['location' => 'trim tab', 'place' => 'external', 'part' => 'DM-1', 'count' => 1, 'renewAt' => 60]]], 'trim tab, inside or outside external, part DM-1, count 1, renew at 60 %', null];
        yield 'hands-on times' => [SheetField::OperationTimes, ['rows' => [['operation' => 'filter-off', 'attended' => ['value' => 5, 'unit' => 'min']]]], 'filter-off, hands-on 5 min', null];
    }

    /** @param array<string, mixed> $written */
    #[DataProvider('written')]
    public function testReadsWhatIsWrittenAndSaysItWithItsUnit(SheetField $field, array $written, string $figure, ?string $detail): void
    {
        $cursor = Cursor::over($written);
        $content = ValueReader::content($field, $cursor);
        $cursor->flaws->throwIfAny();
        self::assertNotNull($content);
        $value = new SheetValue($field, $content, new Source('Book', '1', '3'));
        self::assertSame([$figure, $detail], [$value->figure(), $value->detail()]);
    }

    /** @return iterable<string, array{SheetField, array<string, mixed>, list<string>}> field, written, pointers */
    public static function refused(): iterable
    {
        yield 'a bare number' => [SheetField::GearcaseVolume, ['value' => '0.4'], ['/unit', '']];
        yield 'a power in newton metres' => [SheetField::Power, ['value' => '95', 'unit' => 'nm'], ['']];
        yield 'a gap without its unit' => [SheetField::IgnitionGap, ['min' => '0.8', 'max' => '0.9'], ['/unit', '']];
        yield 'half a cylinder' => [SheetField::Cylinders, ['value' => '2.5'], ['/value']];
        yield 'a way twice is one way' => [SheetField::DrainAllowed, ['values' => ['tap']], ['/values/0']];
        yield 'grades from warm to cold' => [SheetField::Grades, ['unit' => 'f', 'chart' => [['grade' => '10W-30', 'from' => 90, 'to' => 10, 'preferred' => true]]], ['/chart/0']];
        yield 'severe use of no kind' => [SheetField::ScheduleEngineOil, ['every' => ['hours' => '100', 'months' => null], 'action' => 'renew', 'severe' => ['hours' => '50', 'months' => null, 'uses' => []]], ['/severe/uses']];
        yield 'severe use without a limit' => [SheetField::ScheduleEngineOil, ['every' => ['hours' => '100', 'months' => null], 'action' => 'renew', 'severe' => ['uses' => ['salt']]], ['/severe']];
        yield 'a row with everything wrong, all at once' => [SheetField::Anodes, ['rows' => [['location' => '', 'place' => 'under', 'count' => -1, 'renewAt' => 100, 'colour' => 'grey']]], ['/rows/0/colour', '/rows/0/location', '/rows/0/place', '/rows/0/part', '/rows/0/count', '/rows/0/renewAt']];
        yield 'a table that is none' => [SheetField::Anodes, ['rows' => 'many'], ['/rows']];
        yield 'minutes in hours' => [SheetField::OperationTimes, ['rows' => [['operation' => 'x', 'attended' => ['value' => 1, 'unit' => 'h']]]], ['/rows/0/attended/unit']];
    }

    /**
     * @param array<string, mixed> $written
     * @param list<string>         $pointers
     */
    #[DataProvider('refused')]
    public function testNotesWhatIsWrongWhereItStands(SheetField $field, array $written, array $pointers): void
    {
        $cursor = Cursor::over($written);
        ValueReader::content($field, $cursor);

        try {
            $cursor->flaws->throwIfAny();
            self::fail('Nothing was noted.');
        } catch (InvalidDocument $error) {
            self::assertSame($pointers, array_values(array_unique(array_map(static fn (Flaw $flaw): string => $flaw->pointer, $error->flaws))));
        }
    }
}
