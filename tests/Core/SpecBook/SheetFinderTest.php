<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\SpecBook;

use FreshTack\Core\SpecBook\Asked;
use FreshTack\Core\SpecBook\Cycle;
use FreshTack\Core\SpecBook\EngineModel;
use FreshTack\Core\SpecBook\Plate;
use FreshTack\Core\SpecBook\RefusalReason;
use FreshTack\Core\SpecBook\SerialRange;
use FreshTack\Core\SpecBook\SheetFinder;
use FreshTack\Core\SpecBook\SheetHead;
use FreshTack\Core\SpecBook\SheetStatus;
use FreshTack\Core\SpecBook\YearRange;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SheetFinderTest extends TestCase
{
    /** @return iterable<string, array{string, string, string|RefusalReason}> model, serial, sheet or refusal */
    public static function plates(): iterable
    {
        yield 'inside the first range' => ['A50', 'AX-1500', 'early'];
        yield 'the first number of a range' => ['A50', 'AX-1000', 'early'];
        yield 'the last number before the break' => ['A50', 'AX-1999', 'early'];
        yield 'the first number after the break' => ['A50', 'AX-2000', 'late'];
        yield 'the other prefix' => ['A50', 'BX-0001', 'late'];
        yield 'in the gap between two ranges' => ['A50', 'AX-4500', RefusalReason::None];
        yield 'claimed twice' => ['A50', 'AX-3500', RefusalReason::Several];
        yield 'only a withdrawn sheet' => ['A50', 'AX-6000', RefusalReason::Withdrawn];
        yield 'a withdrawn sheet does not disturb a published one' => ['A50', 'AX-1100', 'early'];
        yield 'only a draft' => ['A50', 'AX-7000', RefusalReason::None];
        yield 'a sheet for another model with the same serial numbers' => ['A60', 'AX-1500', RefusalReason::None];
        yield 'too few digits' => ['A50', 'AX-150', RefusalReason::SerialMalformed];
        yield 'too many digits' => ['A50', 'AX-15000', RefusalReason::SerialMalformed];
        yield 'a letter for a digit' => ['A50', 'AX-15O0', RefusalReason::SerialMalformed];
        yield 'an unknown prefix' => ['A50', 'ZX-1500', RefusalReason::SerialMalformed];
        yield 'something in front' => ['A50', '1AX-1500', RefusalReason::SerialMalformed];
        yield 'a two-stroke, whatever its serial' => ['T9', 'nonsense', RefusalReason::NotFourStroke];
        yield 'a model that nobody knows' => ['Q1', 'AX-1500', RefusalReason::None];
    }

    #[DataProvider('plates')]
    public function testPicksExactlyOneSheetOrRefuses(string $model, string $serial, string|RefusalReason $expected): void
    {
        $match = (new SheetFinder())->find(new Plate($model, $serial), self::models()[$model] ?? null, self::heads());

        self::assertSame($expected, $match->head->id ?? $match->refusal?->reason);
        self::assertSame(null === $match->head, null !== $match->refusal);
    }

    public function testSeveralSheetsAreListed(): void
    {
        $refusal = (new SheetFinder())->find(new Plate('A50', 'AX-3500'), self::models()['A50'], self::heads())->refusal;

        self::assertSame(['late rev. 2', 'other rev. 1'], $refusal?->sheets);
        self::assertSame('2 published sheets claim AX-3500: late rev. 2, other rev. 1.', $refusal->message);
    }

    public function testARefusalSaysWhatToDo(): void
    {
        $refusal = (new SheetFinder())->find(new Plate('A50', 'AX-15O0'), self::models()['A50'], self::heads())->refusal;

        self::assertSame('"AX-15O0" is not how a serial number of the A50 is written: AX- and 4 digits or BX- and 4 digits.', $refusal?->message);
        self::assertSame('Read it again from the plate on the bracket; letters O and I are never digits.', $refusal->remedy);
    }

    /** @return iterable<string, array{int|null, string|null, string|RefusalReason, list<Asked>}> year, gearcase, sheet or refusal, asked for */
    public static function particulars(): iterable
    {
        yield 'nothing said: both may apply' => [null, null, RefusalReason::Several, [Asked::Year, Asked::Gearcase]];
        yield 'the year leaves one, which is particular about the gearcase' => [2015, null, RefusalReason::None, [Asked::Gearcase]];
        yield 'year and gearcase fit' => [2015, 'slim', 'slim', []];
        yield 'the last year of the range' => [2019, 'slim', 'slim', []];
        yield 'the year after it' => [2020, 'slim', RefusalReason::None, []];
        yield 'the other gearcase, year not said' => [null, 'heavy', 'heavy', []];
        yield 'a gearcase of no sheet' => [2015, 'long', RefusalReason::None, []];
    }

    /** @param list<Asked> $asks */
    #[DataProvider('particulars')]
    public function testYearAndGearcaseDecideWhereASheetIsParticular(?int $year, ?string $gearcase, string|RefusalReason $expected, array $asks): void
    {
        $range = [new SerialRange('AX-', 1, 999)];
        $heads = [
            new SheetHead('slim', 1, SheetStatus::Published, 'Aldermoor', ['A50'], $range, new YearRange(2010, 2019), ['slim']),
            new SheetHead('heavy', 1, SheetStatus::Published, 'Aldermoor', ['A50'], $range, null, ['heavy']),
        ];
        $match = (new SheetFinder())->find(new Plate('A50', 'AX-0100', $year, $gearcase), self::models()['A50'], 2015 === $year && null === $gearcase ? [$heads[0]] : $heads);
        self::assertSame([$expected, $asks], [$match->head->id ?? $match->refusal?->reason, $match->refusal->asks ?? []]);
    }

    /** @return array<string, EngineModel> */
    private static function models(): array
    {
        return [
            'A50' => new EngineModel('A50', 'Aldermoor', Cycle::FourStroke, ['AX-', 'BX-'], 4),
            'A60' => new EngineModel('A60', 'Aldermoor', Cycle::FourStroke, ['AX-'], 4),
            'T9' => new EngineModel('T9', 'Aldermoor', Cycle::TwoStroke, ['TX-'], 4),
        ];
    }

    /** @return list<SheetHead> */
    private static function heads(): array
    {
        return [
            self::head('early', 3, SheetStatus::Published, [['AX-', 1000, 1999]]),
            self::head('early', 2, SheetStatus::Withdrawn, [['AX-', 1000, 1999]]),
            self::head('late', 2, SheetStatus::Published, [['AX-', 2000, 3999], ['AX-', 5000, 5999], ['BX-', 1, 99]]),
            self::head('other', 1, SheetStatus::Published, [['AX-', 3500, 3600]]),
            self::head('gone', 1, SheetStatus::Withdrawn, [['AX-', 6000, 6999]]),
            self::head('planned', 1, SheetStatus::Draft, [['AX-', 7000, 7999]]),
        ];
    }

    /** @param non-empty-list<array{string, int, int}> $ranges */
    private static function head(string $id, int $revision, SheetStatus $status, array $ranges): SheetHead
    {
        return new SheetHead($id, $revision, $status, 'Aldermoor', ['A50'], array_map(static fn (array $range): SerialRange => new SerialRange(...$range), $ranges));
    }
}
