<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Order;

use FreshTack\Core\Bench\EntryKind;
use FreshTack\Core\Labour\Allowance;
use FreshTack\Core\Labour\LabourSum;
use FreshTack\Core\Order\Place;
use FreshTack\Core\Plan\Effect;
use FreshTack\Core\Plan\Gate;
use FreshTack\Core\Plan\Position;
use FreshTack\Core\Procedure\Caution;
use FreshTack\Core\Procedure\Phase;
use FreshTack\Core\Quantity\Minutes;
use FreshTack\Core\SpecBook\Task;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The closed vocabularies: complete, in their order, and each with its words. */
final class WordsTest extends TestCase
{
    public function testPositionsRunFromPortToStarboard(): void
    {
        $hung = [Position::StarboardOuter, Position::Centre, Position::PortOuter, Position::Starboard, Position::Port];
        usort($hung, static fn (Position $a, Position $b): int => $a->rank() <=> $b->rank());

        self::assertSame(['Port outer', 'Port', 'Centre', 'Starboard', 'Starboard outer'], array_map(static fn (Position $position): string => $position->label(), $hung));
    }

    public function testEveryPlaceCautionAndGateHasItsWords(): void
    {
        foreach (Place::cases() as $place) {
            self::assertNotSame('', $place->label());
        }
        foreach (Caution::cases() as $caution) {
            self::assertNotSame($caution->title(), $caution->text());
            self::assertStringEndsWith('.', $caution->text());
        }
        $texts = array_map(static fn (Gate $gate): string => $gate->text(), Gate::cases());
        self::assertSame($texts, array_values(array_unique($texts)));
    }

    public function testStationsComeInTheOrderOfTheWork(): void
    {
        self::assertLessThan(Phase::Fill->rank(), Phase::CloseDrain->rank());
        self::assertLessThan(Phase::Fill->rank(), Phase::Filter->rank());
        self::assertLessThan(Phase::Run->rank(), Phase::Fill->rank());
        self::assertLessThan(Phase::Reading->rank(), Phase::Run->rank());
        self::assertLessThan(Phase::Cover->rank(), Phase::Reading->rank());
    }

    public function testTheFilterIsDoneWithinTheOil(): void
    {
        self::assertSame([null, Task::EngineOil], [Task::EngineOil->within(), Task::OilFilter->within()]);
    }

    public function testAStartIsTheMostGuardedOfAll(): void
    {
        $guards = array_map(static fn (Effect $effect): int => \count(Gate::before($effect)), Effect::cases());

        self::assertCount(max($guards), Gate::before(Effect::Started));
    }

    /** @return iterable<string, array{int, int}> minutes, sold tenths of an hour */
    public static function labour(): iterable
    {
        yield 'nothing' => [0, 0];
        yield 'a minute counts as a tenth' => [1, 1];
        yield 'six minutes are a tenth' => [6, 1];
        yield 'seven are two' => [7, 2];
        yield 'an hour and a half' => [90, 15];
        yield 'ninety-one minutes' => [91, 16];
    }

    #[DataProvider('labour')]
    public function testSoldTimeIsRoundedUpOnceAtTheEnd(int $minutes, int $tenths): void
    {
        self::assertSame(
            $tenths,
            (new LabourSum(Minutes::of($minutes), Minutes::none(), Minutes::none(), Minutes::none(), Allowance::none()))->soldTenths(),
        );
    }

    /** @return iterable<string, array{EntryKind, string, bool}> */
    public static function answers(): iterable
    {
        yield 'a tick at a plain step' => [EntryKind::Tick, 'tick', true];
        yield 'a tick at the oil' => [EntryKind::Tick, 'oil_appearance', false];
        yield 'a pour at the fill' => [EntryKind::Poured, 'poured', true];
        yield 'a pour at a level' => [EntryKind::Poured, 'level', true];
        yield 'a pour at the leaks' => [EntryKind::Poured, 'leaks', false];
        yield 'taken out at a level' => [EntryKind::TakenOut, 'first_level', true];
        yield 'taken out at the fill' => [EntryKind::TakenOut, 'poured', false];
        yield 'a note anywhere' => [EntryKind::Note, 'torque', true];
        yield 'a torque for turns' => [EntryKind::Torque, 'turns', false];
    }

    #[DataProvider('answers')]
    public function testAStepTakesWhatItAsksFor(EntryKind $kind, string $asked, bool $taken): void
    {
        self::assertSame($taken, $kind->answers($asked));
    }
}
