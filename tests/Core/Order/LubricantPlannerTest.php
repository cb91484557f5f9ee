<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Order;

use FreshTack\Core\Order\LubricantPool;
use FreshTack\Core\Plan\Position;
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
