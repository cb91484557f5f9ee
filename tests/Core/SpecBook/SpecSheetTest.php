<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\SpecBook;

use FreshTack\Core\SpecBook\SheetField;
use FreshTack\Core\SpecBook\SheetReader;
use FreshTack\Core\SpecBook\SheetValue;
use FreshTack\Core\SpecBook\SpecSheet;
use FreshTack\Core\SpecBook\Task;
use FreshTack\Core\SpecBook\ValueKind;
use FreshTack\Tests\Support\Book;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SpecSheetTest extends TestCase
{
    /** @return iterable<string, array{SheetField, string, string|null, string}> field, figure, detail, page */
    public static function figures(): iterable
    {
        yield 'a volume in both units' => [SheetField::CapacityWithFilter, '2.73 US qt (2.58 l)', null, '41'];
        yield 'a size' => [SheetField::DrainWrench, '17 mm', null, '43'];
        yield 'minutes' => [SheetField::RestAfterRun, '18 min', null, '42'];
        yield 'a choice' => [SheetField::DrainAttitude, 'tilted up', null, '43'];
        yield 'words' => [SheetField::DrainPanel, 'lower starboard panel', null, '43'];
        yield 'a flag' => [SheetField::FilterFitted, 'yes', null, '45'];
        yield 'a part' => [SheetField::DrainSeal, 'DM-11407', null, '43'];
        yield 'a torque' => [SheetField::FilterSpillClosing, '35 in·lb', '31 – 39 in·lb · ≈ 4.0 N·m · clean and dry thread', '46'];
        yield 'turns after contact' => [SheetField::FilterTightening, '¾ – 1 turn', 'counted from where the gasket first touches', '46'];
        yield 'a band' => [SheetField::DipstickBand, '0.5 – 0.8 of the span', 'counted from the low mark (0) to the top mark (1)', '41'];
        yield 'a grade chart' => [SheetField::Grades, '10W-30 from −18 °C to 28 °C; 10W-40 from −8 °C to 44 °C', null, '40'];
        yield 'a schedule' => [SheetField::ScheduleEngineOil, 'first at 10 h or 1 month, then every 120 h or 6 months', 'renew · every 6 months with commercial use, long idling', '12'];
        yield 'a schedule without first' => [SheetField::ScheduleOilFilter, 'every 240 h or 12 months', 'renew', '12'];
    }

    #[DataProvider('figures')]
    public function testEveryKindOfValueHasItsFigureAndItsSource(SheetField $field, string $figure, ?string $detail, string $page): void
    {
        $value = self::sheet()->value($field);

        self::assertSame([$figure, $detail], [$value?->figure(), $value?->detail()]);
        self::assertSame("Dunmarrow service manual D65, rev. 4, p. $page", $value?->source->text());
    }

    public function testSeveralPiecesOfAPartAreCounted(): void
    {
        $sheet = SheetReader::read(Book::with(Book::sheet('dunmarrow-d65'), ['values', 'drain.seal', 'count'], 2));

        self::assertSame('2 × DM-11407', $sheet->value(SheetField::DrainSeal)?->figure());
    }

    public function testWhatIsNotKnownIsNull(): void
    {
        $sheet = self::sheet();

        self::assertNull($sheet->volume(SheetField::LeftByExtraction));
        self::assertNull($sheet->value(SheetField::DrainOpeningLimit));
        self::assertNull($sheet->minutes(SheetField::DrainWrench), 'a value of another kind is no minutes');
        self::assertNull($sheet->part(SheetField::DrainKind));
        self::assertNull($sheet->flag(SheetField::DrainKind));
        self::assertNull($sheet->text(SheetField::FilterFitted));
        self::assertNull($sheet->tightening(SheetField::DrainKind));
    }

    public function testAnEngineWithoutFilterHasNoFilterTask(): void
    {
        self::assertNotContains(Task::OilFilter, SheetReader::read(Book::sheet('dunmarrow-d12'))->tasks());
        self::assertContains(Task::OilFilter, self::sheet()->tasks());
    }

    public function testValuesComeInTheOrderOfTheFields(): void
    {
        $fields = array_map(static fn (SheetValue $value): SheetField => $value->field, self::sheet()->values());
        $ordered = array_values(array_filter(SheetField::cases(), static fn (SheetField $field): bool => \in_array($field, $fields, true)));

        self::assertSame($ordered, $fields);
    }

    public function testEveryFieldSaysWhatItIs(): void
    {
        foreach (SheetField::cases() as $field) {
            self::assertNotSame('', $field->label());
            self::assertSame(\in_array($field->kind(), [ValueKind::Choice, ValueKind::Choices], true), [] !== $field->options(), $field->value);
            self::assertSame(ValueKind::Table === $field->kind(), [] !== $field->spec()->columns, $field->value);
        }
    }

    private static function sheet(): SpecSheet
    {
        return SheetReader::read(Book::sheet('dunmarrow-d65'));
    }
}
