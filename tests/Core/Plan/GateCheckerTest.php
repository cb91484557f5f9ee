<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Plan;

use Eris\Generators;
use Eris\TestTrait;
use FreshTack\Core\Plan\Effect;
use FreshTack\Core\Plan\Gate;
use FreshTack\Core\Plan\GateBroken;
use FreshTack\Core\Plan\GateChecker;
use FreshTack\Core\Plan\PlannedWork;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class GateCheckerTest extends TestCase
{
    use TestTrait;

    /** A whole oil and filter change with panel and trough, as it should be. */
    private const RIGHT = [
        'water_on', 'started', 'stopped', 'locked_out', 'cowl_off', 'panel_off', 'drain_opened', 'oil_out', 'drain_closed', 'spill_opened', 'filter_off', 'old_gasket_seen', 'filter_on', 'spill_closed',
        'oil_in', 'rested', 'level_read', 'lockout_lifted', 'started', 'stopped', 'locked_out', 'rested', 'level_read', 'panel_on', 'cowl_on', 'lockout_lifted', 'water_off',
    ];

    public function testTheRightOrderPasses(): void
    {
        $this->expectNotToPerformAssertions();
        self::check(self::RIGHT);
    }

    /** @return iterable<string, array{list<string>, list<string>, Gate}> left out, put at the end of those left, broken gate */
    public static function wrong(): iterable
    {
        yield 'oil in before the drain is closed' => [['drain_closed'], [], Gate::DrainShut];
        yield 'started without water' => [['water_on'], [], Gate::WaterSupplied];
        yield 'the trough left open' => [['spill_closed'], [], Gate::SpillShut];
        yield 'no filter fitted' => [['filter_on'], [], Gate::FilterFitted];
        yield 'the old gasket not looked for' => [['old_gasket_seen'], [], Gate::OldGasketSeen];
        yield 'no oil poured' => [['oil_in'], [], Gate::OilInEngine];
        yield 'a level read without rest' => [['rested'], [], Gate::Rested];
        yield 'the cowl on before the panel' => [['panel_on'], [], Gate::PanelShut];
        yield 'the cowl left off' => [['cowl_on'], [], Gate::CowlShut];
        yield 'hands under the cowl without lockout' => [['locked_out'], [], Gate::LockedOut];
        yield 'the engine left running' => [[], ['started'], Gate::WaterSupplied];
        yield 'the panel off with the cowl on' => [['cowl_off'], [], Gate::CowlOff];
    }

    /**
     * @param list<string> $leftOut
     * @param list<string> $added
     */
    #[DataProvider('wrong')]
    public function testNamesTheGateThatIsBroken(array $leftOut, array $added, Gate $gate): void
    {
        try {
            self::check([...array_values(array_diff(self::RIGHT, $leftOut)), ...$added]);
        } catch (GateBroken $error) {
            self::assertSame($gate, $error->gate);

            return;
        }
        self::fail('No gate held.');
    }

    public function testOneEngineDoesNotOpenAnothersGate(): void
    {
        $this->expectException(GateBroken::class);
        $this->expectExceptionMessage('"oil_in" (starboard) comes too early: it needs that the drain is closed.');
        (new GateChecker())->check(['port', 'starboard'], [
            ...self::works(['locked_out', 'cowl_off', 'drain_opened', 'oil_out'], 'port'),
            ...self::works(['locked_out', 'cowl_off', 'drain_opened', 'oil_out'], 'starboard'),
            ...self::works(['drain_closed', 'oil_in'], 'port'),
            ...self::works(['oil_in'], 'starboard'),
        ]);
    }

    public function testWhatIsDoneToTheRigIsDoneToEveryEngine(): void
    {
        $this->expectNotToPerformAssertions();
        (new GateChecker())->check(['port', 'starboard'], [...self::works(['water_on'], null), ...self::works(['started', 'stopped'], 'port'), ...self::works(['started', 'stopped'], 'starboard'), ...self::works(['water_off'], null)]);
    }

    /** Whatever order passes, in it the drain was closed and the filter on at every pour and every start. */
    public function testNoOrderThatPassesIsDangerous(): void
    {
        $this->limitTo(400)->forAll(Generators::vector(6, Generators::choose(0, \count(self::RIGHT) - 1)))
            ->then(static function (array $swaps): void {
                /** @var list<int> $swaps */
                $order = self::RIGHT;
                foreach (array_chunk($swaps, 2) as [$a, $b]) {
                    [$order[$a], $order[$b]] = [$order[$b], $order[$a]];
                }
                try {
                    self::check(array_values($order));
                } catch (GateBroken) {
                    self::assertNotSame(self::RIGHT, $order);

                    return;
                }
                self::assertTrue(self::isSafe(array_values($order)), implode(' ', $order));
            });
    }

    /**
     * Written anew from the trade's rules, not from the gates.
     *
     * @param list<string> $order
     */
    private static function isSafe(array $order): bool
    {
        foreach ($order as $index => $effect) {
            $before = \array_slice($order, 0, $index);
            $last = static fn (string ...$of): ?string => array_values(array_intersect(array_reverse($before), $of))[0] ?? null;
            $dangerous = \in_array($effect, ['oil_in', 'started'], true) && ('drain_opened' === $last('drain_opened', 'drain_closed') || 'filter_off' === $last('filter_off', 'filter_on') || 'spill_opened' === $last('spill_opened', 'spill_closed'));
            $dry = 'started' === $effect && ('water_on' !== $last('water_on', 'water_off') || \in_array($last('oil_out', 'drain_opened', 'oil_in'), ['oil_out', 'drain_opened'], true));
            $hands = \in_array($effect, ['cowl_off', 'panel_off', 'drain_opened', 'filter_off'], true) && ('locked_out' !== $last('locked_out', 'lockout_lifted') || 'started' === $last('started', 'stopped'));
            if ($dangerous || $dry || $hands) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param list<string> $effects
     *
     * @throws GateBroken
     */
    private static function check(array $effects): void
    {
        (new GateChecker())->check(['port'], self::works($effects, 'port'));
    }

    /**
     * @param list<string> $effects
     *
     * @return list<PlannedWork>
     */
    private static function works(array $effects, ?string $position): array
    {
        return array_map(static fn (string $effect): PlannedWork => new PlannedWork($position, $effect, [Effect::from($effect)]), $effects);
    }
}
