<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\SpecBook;

use FreshTack\Core\Fastening\ByFeel;
use FreshTack\Core\Fastening\Pattern;
use FreshTack\Core\Fastening\StagedTorque;
use FreshTack\Core\Fastening\ThreadState;
use FreshTack\Core\Fastening\Tightening;
use FreshTack\Core\Fastening\TorqueAndAngle;
use FreshTack\Core\Fastening\TorqueTightening;
use FreshTack\Core\Fastening\TurnsAfterContact;
use FreshTack\Core\Fastening\TurnsAfterSeating;
use FreshTack\Core\Parts\CataloguePart;
use FreshTack\Core\Parts\Origin;
use FreshTack\Core\Parts\PartReader;
use FreshTack\Core\Parts\Supersession;
use FreshTack\Core\Procedure\EngineFacts;
use FreshTack\Core\Procedure\Operation;
use FreshTack\Core\Procedure\Procedure;
use FreshTack\Core\Quantity\Volume;
use FreshTack\Core\Quantity\VolumeUnit;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Schedule\Action;
use FreshTack\Core\Schedule\HardUse;
use FreshTack\Core\Schedule\Interval;
use FreshTack\Core\SpecBook\SheetField;
use FreshTack\Core\SpecBook\SheetReader;
use FreshTack\Core\SpecBook\SheetStatus;
use FreshTack\Core\SpecBook\SheetValue;
use FreshTack\Core\SpecBook\SpecSheet;
use FreshTack\Core\SpecBook\Standing;
use FreshTack\Core\SpecBook\TableRow;
use FreshTack\Core\SpecBook\Task;
use FreshTack\Core\SpecBook\TaskNeeds;
use FreshTack\Core\SpecBook\ValueKind;
use FreshTack\Shop\Book\PartNumbers;
use FreshTack\Tests\Support\Book;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Walks the demo book: every way in which engines differ must occur in it, and its procedures must fit its sheets. */
final class DemoBookTest extends TestCase
{
    /** @return iterable<string, array{SheetField}> each field that is one of a few answers */
    public static function choices(): iterable
    {
        foreach (SheetField::cases() as $field) {
            if ([] !== $field->options()) {
                yield $field->label() => [$field];
            }
        }
    }

    /** An attitude need not occur at every field that may ask for it: it is enough that it occurs at one. */
    #[DataProvider('choices')]
    public function testEveryAnswerOfAChoiceOccurs(SheetField $field): void
    {
        $attitudes = static fn (SheetField $any): bool => \in_array('tilted_up', $any->options(), true);
        $fields = $attitudes($field) ? array_filter(SheetField::cases(), $attitudes) : [$field];
        $found = [];
        foreach (Book::readSheets() as $sheet) {
            foreach ($fields as $each) {
                $found = [...$found, ...(null === $sheet->built($each) ? $sheet->choices($each)->chosen ?? [] : [$sheet->built($each)])];
            }
        }
        self::assertSame([], array_values(array_diff($field->options(), $found)));
    }

    public function testEveryFieldIsFilledSomewhere(): void
    {
        $unused = array_filter(SheetField::cases(), static fn (SheetField $field): bool => !$field->isOfBoat() && [] === array_filter(Book::readSheets(), static fn (SpecSheet $sheet): bool => null !== $sheet->value($field)));
        self::assertSame([], array_map(static fn (SheetField $field): string => $field->value, array_values($unused)));
    }

    public function testEveryWayOfTighteningOccurs(): void
    {
        $all = self::tightenings();
        foreach ([TorqueTightening::class, StagedTorque::class, TorqueAndAngle::class, TurnsAfterContact::class, TurnsAfterSeating::class] as $kind) {
            self::assertNotSame([], array_filter($all, static fn (Tightening $each): bool => $each instanceof $kind), $kind);
        }
        foreach (ByFeel::cases() as $feel) {
            self::assertContains($feel, $all);
        }
        $torques = array_values(array_filter(array_map(static fn (Tightening $each): ?TorqueTightening => $each->torque(), $all)));
        self::assertEqualsCanonicalizing(ThreadState::cases(), self::distinct(array_map(static fn (TorqueTightening $torque): ThreadState => $torque->thread, $torques)));
        self::assertEqualsCanonicalizing(Pattern::cases(), self::distinct(array_map(static fn (TorqueTightening $torque): Pattern => $torque->pattern, $torques)));
        self::assertNotSame([], array_filter($torques, static fn (TorqueTightening $torque): bool => null !== $torque->reused), 'another torque where a crushed washer is used again');
        self::assertNotSame([], array_filter($all, static fn (Tightening $each): bool => $each instanceof TurnsAfterSeating && null !== $each->reused), 'fewer turns where a crushed washer is used again');
    }

    /** @return iterable<string, array{SheetField, \Closure(TableRow): bool}> */
    public static function rows(): iterable
    {
        yield 'a long fastener with its place' => [SheetField::Panels, static fn (TableRow $row): bool => null !== $row->cell('longAt')];
        yield 'loose backing plates' => [SheetField::Panels, static fn (TableRow $row): bool => null !== $row->cell('loosePlates')];
        yield 'a hidden panel fastener' => [SheetField::Panels, static fn (TableRow $row): bool => null !== $row->cell('hidden')];
        yield 'a fastener under the trim tab anode' => [SheetField::LowerUnitFasteners, static fn (TableRow $row): bool => null !== $row->cell('hidden')];
        yield 'a conical thrust washer that goes on one way' => [SheetField::PropellerStack, static fn (TableRow $row): bool => 'cone to the gearcase' === $row->cell('facing')];
        yield 'an anode outside' => [SheetField::Anodes, static fn (TableRow $row): bool => 'external' === $row->cell('place')];
        yield 'an anode inside with its seal' => [SheetField::Anodes, static fn (TableRow $row): bool => 'internal' === $row->cell('place') && null !== $row->cell('seal')];
        foreach (['tiller', 'remote'] as $steering) {
            yield "a lubrication point only with $steering steering" => [SheetField::LubricationPoints, static fn (TableRow $row): bool => $steering === $row->cell('steering')];
            yield "an inspection point only with $steering steering" => [SheetField::InspectionPoints, static fn (TableRow $row): bool => $steering === $row->cell('steering')];
        }
        foreach (['manual', 'power'] as $tilt) {
            yield "a lubrication point only with $tilt tilt" => [SheetField::LubricationPoints, static fn (TableRow $row): bool => $tilt === $row->cell('tilt')];
        }
        foreach (['eye', 'hand', 'movement'] as $by) {
            yield "an inspection by $by" => [SheetField::InspectionPoints, static fn (TableRow $row): bool => $by === $row->cell('by')];
        }
        yield 'a piece in the pump kit with its own number' => [SheetField::PumpKitHolds, static fn (TableRow $row): bool => null !== $row->cell('part')];
    }

    /** @param \Closure(TableRow): bool $wanted */
    #[DataProvider('rows')]
    public function testEveryKindOfRowOccurs(SheetField $field, \Closure $wanted): void
    {
        $rows = array_merge(...array_map(static fn (SpecSheet $sheet): array => $sheet->table($field)->rows ?? [], Book::readSheets()));
        self::assertNotSame([], array_filter($rows, $wanted));
    }

    public function testSchedulesShowEveryActionAndEverySevereUse(): void
    {
        $intervals = array_merge(...array_map(static fn (SpecSheet $sheet): array => array_values(array_filter(array_map($sheet->interval(...), Task::cases()))), Book::readSheets()));
        self::assertEqualsCanonicalizing(Action::cases(), self::distinct(array_column($intervals, 'action')));
        $uses = array_merge(...array_map(static fn (Interval $interval): array => $interval->severe->uses ?? [], $intervals));
        self::assertEqualsCanonicalizing(HardUse::cases(), self::distinct($uses));
    }

    public function testTheFilterIsPartOfTheFirstServiceOnSomeEnginesOnly(): void
    {
        $firsts = static fn (SpecSheet $sheet, Task $task): ?string => $sheet->interval($task)?->first?->text();
        $with = array_filter(Book::readSheets(), static fn (SpecSheet $sheet): bool => null !== $firsts($sheet, Task::OilFilter));
        self::assertNotSame([], array_filter($with, static fn (SpecSheet $sheet): bool => $firsts($sheet, Task::OilFilter) === $firsts($sheet, Task::EngineOil)));
        self::assertNotSame([], array_filter($with, static fn (SpecSheet $sheet): bool => $firsts($sheet, Task::OilFilter) !== $firsts($sheet, Task::EngineOil)));
    }

    public function testTheFilterChangesAtTwoSerialBreaks(): void
    {
        $part = static fn (string $id): ?string => SheetReader::read(Book::sheet($id))->part(SheetField::FilterPart)?->number;
        self::assertSame(['QV-50318', 'QV-50644'], [$part('kestrane-k165-early'), $part('kestrane-k165-late')]);
        self::assertSame(['QV-50840', 'QV-50847'], [$part('kestrane-k240-early'), $part('kestrane-k240-late')]);
    }

    public function testOneSheetIsWithdrawnAndOneADraft(): void
    {
        $with = static fn (SheetStatus $status): array => array_values(array_map(static fn (SpecSheet $sheet): string => $sheet->head->name(), array_filter(Book::readSheets(), static fn (SpecSheet $sheet): bool => $status === $sheet->head->status)));
        self::assertSame([['dunmarrow-d22 rev. 2'], ['dunmarrow-d65 rev. 6']], [$with(SheetStatus::Withdrawn), $with(SheetStatus::Draft)]);
    }

    public function testAFamilyLendsValuesOfWhichTheSafetyRelevantAreConfirmed(): void
    {
        $standings = array_merge(...array_map(static fn (SpecSheet $sheet): array => array_map(static fn (SheetValue $value): Standing => $value->standing, $sheet->values()), Book::readSheets()));
        self::assertContains(Standing::Inherited, $standings);
        self::assertNotContains(Standing::Unconfirmed, $standings);
    }

    public function testNoCapacityIsARoundFigureOfLitres(): void
    {
        foreach (Book::readSheets() as $sheet) {
            foreach ([SheetField::CapacityDry, SheetField::CapacityWithFilter, SheetField::CapacityWithoutFilter] as $field) {
                $capacity = $sheet->volume($field);
                self::assertTrue(null === $capacity || !self::isRound($capacity), $sheet->head->id);
            }
        }
    }

    public function testTheBookHasThreeHolesAndNoMore(): void
    {
        $holes = [];
        foreach (array_filter(Book::readSheets(), static fn (SpecSheet $sheet): bool => !$sheet->head->isFamily()) as $sheet) {
            foreach ([...array_keys(TaskNeeds::missing($sheet)), ...array_merge(...array_map(static fn (Procedure $procedure): array => self::holes($procedure, $sheet), Book::readProcedures()))] as $path) {
                $holes[] = $sheet->head->id.' '.$path;
            }
        }
        self::assertSame(['dunmarrow-d130-dl2 gearcase.ventTightening', 'kestrane-k320 valves.exhaust', 'kestrane-k85 oilFilter.tightening'], array_values(array_unique($holes)));
    }

    public function testEveryPartThatASheetNamesIsInTheCatalogue(): void
    {
        $parts = self::parts();
        $known = array_map(static fn (CataloguePart $part): string => $part->number, $parts);
        $named = array_merge(...array_map(static fn (string $id): array => array_values(PartNumbers::in(Book::sheet($id))), Book::sheetIds()));
        self::assertSame([], array_values(array_diff($named, $known)));
    }

    /** @return list<CataloguePart> */
    private static function parts(): array
    {
        $documents = array_map(static fn (Cursor $part): array => \is_array($part->raw()) ? array_diff_key($part->raw(), ['arrivesInDays' => 0]) : [], Cursor::over(Book::document('stock.json'))->at('parts')->list(0, 10_000));
        $cursor = Cursor::over($documents);
        $parts = array_map(PartReader::at(...), $cursor->list(0, 10_000));
        $cursor->flaws->throwIfAny();

        return $parts;
    }

    public function testTheCatalogueHasChainsKitsPacksAndAnothersPart(): void
    {
        $parts = self::parts();
        $newer = array_filter(array_column(array_map(static fn (CataloguePart $part): array => [$part->number, $part->supersededBy], $parts), 1, 0), \is_string(...));
        self::assertSame(['DM-20311', 'DM-20655', 'DM-20961'], (new Supersession($newer))->chain('DM-20311'));
        self::assertSame([], (new Supersession($newer))->loops());
        self::assertCount(4, array_filter($parts, static fn (CataloguePart $part): bool => $part->isKit()));
        self::assertNotSame([], array_filter($parts, static fn (CataloguePart $part): bool => $part->packSize > 1));
        self::assertNotSame([], array_filter($parts, static fn (CataloguePart $part): bool => Origin::Other === $part->origin));
    }

    public function testWhatIsOpenedIsClosed(): void
    {
        foreach (Book::readProcedures() as $procedure) {
            $opened = array_values(array_unique(array_filter(
                array_map(static fn (Operation $operation): ?string => $operation->covers->opens?->value, $procedure->operations),
                \is_string(...),
            )));
            $closed = array_values(array_unique(array_filter(
                array_map(static fn (Operation $operation): ?string => $operation->covers->closes?->value, $procedure->operations),
                \is_string(...),
            )));
            sort($opened);
            sort($closed);
            self::assertSame($opened, $closed, $procedure->id);
        }
    }

    /** @return list<string> */
    private static function holes(Procedure $procedure, SpecSheet $sheet): array
    {
        $scheduled = null === $procedure->task || \in_array($procedure->task, $sheet->tasks(), true);
        $facts = new EngineFacts($sheet, [], ['order.drainMethod' => $sheet->text(SheetField::DrainKind) ?? '', 'order.warm' => 'yes']);

        return $scheduled ? array_values(array_filter($procedure->holes($facts), static fn (string $path): bool => !str_starts_with($path, 'order.'))) : [];
    }

    private static function isRound(Volume $capacity): bool
    {
        return VolumeUnit::Litre === $capacity->unit && 0 === $capacity->millilitresUp() % 500;
    }

    /** @return list<Tightening> */
    private static function tightenings(): array
    {
        $fields = array_filter(SheetField::cases(), static fn (SheetField $field): bool => ValueKind::Tightening === $field->kind());

        return array_merge(...array_map(static fn (SpecSheet $sheet): array => array_values(array_filter(array_map($sheet->tightening(...), $fields))), Book::readSheets()));
    }

    /**
     * @template T of \UnitEnum
     *
     * @param array<T> $cases
     *
     * @return list<T>
     */
    private static function distinct(array $cases): array
    {
        return array_values(array_column(array_map(static fn (\UnitEnum $case): array => [$case->name, $case], $cases), 1, 0));
    }
}
