<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Order;

use FreshTack\Core\Fluid\ContainerPick;
use FreshTack\Core\Order\LubricantPool;
use FreshTack\Core\Plan\Position;
use FreshTack\Tests\Support\Book;
use FreshTack\Tests\Support\Requests;
use PHPUnit\Framework\TestCase;

/** Gear lubricant and greases of an order. */
final class LubricantPlannerTest extends TestCase
{
    public function testEnginesThatTakeTheSameArePooledAndContainersPicked(): void
    {
        $pool = self::pool(self::twin(['gear_lubricant'], [['250', 'ml', 690, 20], ['1', 'l', 2240, 5]]), 'KG-2 gear lubricant');

        // two gearcases of 0.92 l are 1840 ml. One litre and four of 250 ml are 5000, two litres 4480: the cheapest that covers it
        self::assertSame([1840, 4480, 160], [$pool->need?->millilitresUp(), $pool->plan?->costMinor, $pool->plan?->leftOverMl]);
        self::assertSame([Position::Port, Position::Starboard], $pool->positions);
        self::assertSame('port.gear-fill', $pool->firstUse);
    }

    public function testAShelfWithoutItIsShortAndSaysHowMuch(): void
    {
        $pool = self::pool(self::twin(['gear_lubricant'], [['1', 'l', 2240, 1]]), 'KG-2 gear lubricant');

        self::assertNull($pool->plan);
        self::assertStringStartsWith('The shelf holds 1000 ml', (string) $pool->shortage);
        self::assertStringContainsString('840 ml are short', (string) $pool->shortage);
    }

    public function testAGreaseLiesReadyOnceForAllThatTakesItAndIsNotCounted(): void
    {
        $pool = self::pool(self::twin(['propeller_shaft', 'lubrication'], []), 'marine grease');

        self::assertSame([null, null, null], [$pool->need, $pool->plan, $pool->shortage]);
        self::assertEqualsCanonicalizing(['Put the propeller on', 'Grease the points'], $pool->uses);
        self::assertSame([Position::Port, Position::Starboard], $pool->positions);
    }

    public function testOneContainerOfAGreaseLiesReadyTheOpenedOneFirst(): void
    {
        $twin = self::twin(['lubrication'], []);
        $grease = ['id' => 'grease', 'product' => 'Grease', 'grade' => 'Marine', 'performanceClass' => 'grease', 'size' => ['value' => '400', 'unit' => 'ml'], 'priceMinor' => 980, 'inStock' => 2];
        $opened = self::pool([...$twin, 'shelf' => [[...$grease, 'opened' => ['value' => '250', 'unit' => 'ml']]]], 'marine grease');
        $full = self::pool([...$twin, 'shelf' => [[...$grease, 'opened' => null]]], 'marine grease');
        $none = self::pool([...$twin, 'shelf' => [[...$grease, 'inStock' => 0, 'opened' => null]]], 'marine grease');

        self::assertSame([[1, true]], array_map(static fn (ContainerPick $pick): array => [$pick->count, $pick->opened], $opened->plan->picks ?? []));
        self::assertSame([[1, false]], array_map(static fn (ContainerPick $pick): array => [$pick->count, $pick->opened], $full->plan->picks ?? []));
        self::assertNull($opened->need, 'and still not counted');
        self::assertNull($none->plan);
        self::assertNotNull($none->shortage);
    }

    public function testStrokesOfTheGunAreToldWhereTheSheetCountsThem(): void
    {
        $points = ['rows' => [
            ['location' => 'tilt tube', 'method' => 'grease_gun', 'grease' => 'marine grease', 'strokes' => 4],
            ['location' => 'steering bracket', 'method' => 'grease_gun', 'grease' => 'marine grease', 'strokes' => 3],
            ['location' => 'shift linkage', 'method' => 'brush', 'grease' => 'marine grease'],
        ], 'source' => 'book', 'page' => '9-1'];
        $twin = self::twin(['lubrication'], []);
        foreach ([0, 1] as $engine) {
            $twin = Book::with($twin, ['engines', $engine, 'sheet', 'values', 'points.lubrication'], $points);
        }

        self::assertSame('Named by the sheet of each engine: 14 strokes of the gun in all, and at the other points until it shows.', self::pool($twin, 'marine grease')->why);
    }

    public function testAnOrderThatLubricatesNothingHasNone(): void
    {
        self::assertSame([], Requests::build(self::twin(['spark_plugs'], []))->lubricants);
    }

    /**
     * @param list<string>                           $tasks
     * @param list<array{string, string, int, int}> $cans  size, unit, price, how many
     *
     * @return array<mixed>
     */
    private static function twin(array $tasks, array $cans): array
    {
        $shelf = array_map(static fn (array $can): array => [
            'id' => $can[0].$can[1],
            'product' => 'Gear',
            'grade' => 'kg-2',
            'performanceClass' => 'gear lubricant',
            'size' => ['value' => $can[0], 'unit' => $can[1]],
            'priceMinor' => $can[2],
            'inStock' => $can[3],
            'opened' => null,
        ], $cans);

        return [...Requests::rig([
            Requests::engine('port', 'K165', 'KS4-10412', 'kestrane-k165-early', $tasks),
            Requests::engine('starboard', 'K165', 'KS4-10413', 'kestrane-k165-early', $tasks),
        ]), 'shelf' => $shelf];
    }

    /** @param array<mixed> $request */
    private static function pool(array $request, string $name): LubricantPool
    {
        foreach (Requests::build($request)->lubricants as $pool) {
            if ($name === $pool->name) {
                return $pool;
            }
        }
        self::fail("No $name.");
    }
}
