<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Order;

use FreshTack\Core\Fluid\ContainerPick;
use FreshTack\Core\Order\OilPool;
use FreshTack\Core\Plan\Position;
use FreshTack\Tests\Support\Book;
use FreshTack\Tests\Support\Requests;
use PHPUnit\Framework\TestCase;

/** Which engines share an oil, and what is pulled for them. */
final class OilPlannerTest extends TestCase
{
    public function testEnginesOfOneOilArePooledWhateverTheirModel(): void
    {
        $pools = self::pools([
            Requests::engine('port', 'K165', 'KS4-10412', 'kestrane-k165-early', ['engine_oil', 'oil_filter']),
            Requests::engine('starboard', 'K85', 'KM2-5120', 'kestrane-k85', ['engine_oil']),
        ]);

        self::assertCount(1, $pools);
        // 5460 ml + 3170 ml + 2 × 250 ml
        self::assertSame(['10W-40', 9130], [$pools[0]->grade, $pools[0]->need->millilitresUp()]);
        self::assertSame([Position::Port, Position::Starboard], $pools[0]->positions);
    }

    public function testAnotherClassIsAnotherOil(): void
    {
        $pools = self::pools([
            Requests::engine('port', 'D65', 'D65-3308', 'dunmarrow-d65', ['engine_oil']),
            Requests::engine('starboard', 'D12', 'D12-4471', 'dunmarrow-d12', ['engine_oil']),
        ]);

        self::assertSame([['10W-40', 'VO-3'], ['10W-30', 'VO-2']], array_map(static fn (OilPool $pool): array => [$pool->grade, $pool->performanceClass], $pools));
        self::assertNotNull($pools[0]->plan);
        self::assertNull($pools[1]->plan);
        self::assertStringStartsWith('The shelf holds 0 ml of it and 1120 ml are needed', (string) $pools[1]->shortage);
    }

    public function testColdAirMayGiveTwoEnginesTwoGrades(): void
    {
        $pools = self::pools([
            Requests::engine('port', 'K165', 'KS4-10412', 'kestrane-k165-early', ['engine_oil']),
            Requests::engine('starboard', 'D65', 'D65-3308', 'dunmarrow-d65', ['engine_oil']),
        ], -15, 20);

        // −15 °C is too cold for both sheets' 10W-40: the one falls back to 5W-30, the other to 10W-30
        self::assertSame(['5W-30', '10W-30'], array_map(static fn (OilPool $pool): string => $pool->grade, $pools));
    }

    public function testACheapOilOfAnotherClassIsNeverPulled(): void
    {
        $pools = self::pools([Requests::engine('single', 'K165', 'KS4-10412', 'kestrane-k165-early', ['engine_oil'])]);
        $pulled = array_map(static fn (ContainerPick $pick): string => $pick->container->id, $pools[0]->plan->picks ?? []);

        self::assertNotContains('old', $pulled);
    }

    public function testAParkedEngineNeedsNoOil(): void
    {
        $holed = Requests::engine('starboard', 'K165', 'KS4-20977', 'kestrane-k165-late', ['engine_oil']);
        $pools = self::pools([
            Requests::engine('port', 'K165', 'KS4-10412', 'kestrane-k165-early', ['engine_oil']),
            Book::with($holed, ['sheet', 'values', 'drain.closing'], null),
        ]);

        self::assertSame([[Position::Port]], array_map(static fn (OilPool $pool): array => $pool->positions, $pools));
    }

    /**
     * @param list<array<mixed>> $engines
     *
     * @return list<OilPool>
     */
    private static function pools(array $engines, int $coldest = -4, int $warmest = 20): array
    {
        return Requests::build(Book::with(Requests::rig($engines), ['air'], ['coldest' => $coldest, 'warmest' => $warmest]))->oil;
    }
}
