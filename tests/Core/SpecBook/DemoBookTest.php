<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\SpecBook;

use FreshTack\Core\Fastening\TorqueTightening;
use FreshTack\Core\Fastening\TurnsAfterContact;
use FreshTack\Core\Procedure\EngineFacts;
use FreshTack\Core\Procedure\Operation;
use FreshTack\Core\Procedure\Procedure;
use FreshTack\Core\Quantity\Volume;
use FreshTack\Core\Quantity\VolumeUnit;
use FreshTack\Core\SpecBook\SheetField;
use FreshTack\Core\SpecBook\SheetReader;
use FreshTack\Core\SpecBook\SheetStatus;
use FreshTack\Core\SpecBook\SpecSheet;
use FreshTack\Core\SpecBook\Task;
use FreshTack\Tests\Support\Book;
use PHPUnit\Framework\TestCase;

/** Walks the demo book: it must show every variant that the first slice knows, and its procedures must fit its sheets. */
final class DemoBookTest extends TestCase
{
    public function testShowsEveryVariant(): void
    {
        $sheets = self::sheets();
        $has = static fn (\Closure $test): bool => [] !== array_filter($sheets, $test);

        self::assertTrue($has(static fn (SpecSheet $sheet): bool => 'valve' === $sheet->text(SheetField::DrainKind) && null !== $sheet->value(SheetField::DrainHoseBore) && null !== $sheet->value(SheetField::DrainOpeningLimit)), 'a drain valve with hose and opening limit');
        self::assertTrue($has(static fn (SpecSheet $sheet): bool => 'plug' === $sheet->text(SheetField::DrainKind) && null !== $sheet->part(SheetField::DrainSeal) && null !== $sheet->value(SheetField::DrainPanel)), 'a plug with a seal behind a side panel');
        self::assertTrue($has(static fn (SpecSheet $sheet): bool => 'trough' === $sheet->text(SheetField::FilterSpill)), 'a spill trough under the filter');
        self::assertTrue($has(static fn (SpecSheet $sheet): bool => false === $sheet->flag(SheetField::FilterFitted)), 'an engine without a filter');
        self::assertTrue($has(static fn (SpecSheet $sheet): bool => $sheet->tightening(SheetField::FilterTightening) instanceof TurnsAfterContact), 'a filter by turns');
        self::assertTrue($has(static fn (SpecSheet $sheet): bool => $sheet->tightening(SheetField::FilterTightening) instanceof TorqueTightening), 'a filter by torque');
        self::assertTrue($has(static fn (SpecSheet $sheet): bool => SheetStatus::Withdrawn === $sheet->head->status), 'a withdrawn sheet');
    }

    public function testTheFilterChangesAtASerialBreak(): void
    {
        $part = static fn (string $id): ?string => SheetReader::read(Book::sheet($id))->part(SheetField::FilterPart)?->number;

        self::assertSame(['QV-50318', 'QV-50644'], [$part('kestrane-k165-early'), $part('kestrane-k165-late')]);
    }

    public function testNoCapacityIsARoundFigureOfLitres(): void
    {
        foreach (self::sheets() as $sheet) {
            foreach ([SheetField::CapacityWithFilter, SheetField::CapacityWithoutFilter] as $field) {
                $capacity = $sheet->volume($field);
                self::assertTrue(null === $capacity || !self::isRound($capacity), $sheet->head->id);
            }
        }
    }

    public function testEveryProcedureFindsItsValuesOnEverySheetButForTheKnownHole(): void
    {
        $holes = [];
        foreach (self::sheets() as $sheet) {
            foreach (Book::readProcedures() as $procedure) {
                foreach (self::holes($procedure, $sheet) as $path) {
                    $holes[] = $sheet->head->id.' '.$path;
                }
            }
        }

        self::assertSame(['kestrane-k85 oilFilter.tightening'], array_values(array_unique($holes)));
    }

    public function testWhatIsOpenedIsClosed(): void
    {
        foreach (Book::readProcedures() as $procedure) {
            $opened = array_values(array_filter(array_map(static fn (Operation $operation): ?string => $operation->opens, $procedure->operations), \is_string(...)));
            $closed = array_values(array_filter(array_map(static fn (Operation $operation): ?string => $operation->closes, $procedure->operations), \is_string(...)));
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

    /** @return list<SpecSheet> */
    private static function sheets(): array
    {
        return array_map(static fn (string $id): SpecSheet => SheetReader::read(Book::sheet($id)), Book::sheetIds());
    }

    public function testEveryTaskHasItsProcedure(): void
    {
        $tasks = array_map(static fn (Procedure $procedure): ?Task => $procedure->task, Book::readProcedures());

        foreach (Task::cases() as $task) {
            self::assertContains($task, $tasks);
        }
    }
}
