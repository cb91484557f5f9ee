<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Plan;

use Eris\Generators;
use Eris\TestTrait;
use FreshTack\Core\Plan\Attitude;
use FreshTack\Core\Plan\Effect;
use FreshTack\Core\Plan\Gate;
use FreshTack\Core\Plan\GateBroken;
use FreshTack\Core\Plan\GateChecker;
use FreshTack\Core\Plan\Lockout;
use FreshTack\Core\Plan\Opening;
use FreshTack\Core\Plan\PlannedWork;
use FreshTack\Core\Plan\TimedWork;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class GateCheckerTest extends TestCase
{
    use TestTrait;

    /** A whole oil and filter change with panel and trough, as it should be: effects, and what is opened (+) and closed (-). */
    private const RIGHT = [
        'water_on', 'started', 'stopped', 'locked_out', '+cowl', '+panel', 'drain_opened', 'oil_out', 'drain_closed', 'spill_opened', 'filter_off', 'old_gasket_seen', 'filter_on', 'spill_closed',
        'oil_in', 'rested', 'level_read', 'lockout_lifted', 'started', 'stopped', 'locked_out', 'rested', 'level_read', '-panel', 'counted_out', '-cowl', 'lockout_lifted', 'water_off',
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
        yield 'the cowl on before the panel' => [['-panel'], [], Gate::Shut];
        yield 'the cowl left off' => [['-cowl'], [], Gate::Shut];
        yield 'hands under the cowl without lockout' => [['locked_out'], [], Gate::LockedOut];
        yield 'the engine left running' => [[], ['started'], Gate::WaterSupplied];
        yield 'the panel off with the cowl on' => [['+cowl'], [], Gate::Opened];
        yield 'rags and tools not counted' => [['counted_out'], [], Gate::CountedOut];
        yield 'the cowl off a second time' => [[], ['locked_out', '+cowl'], Gate::OpenedOnce];
        yield 'a cover on that was never off' => [[], ['locked_out', '-plug_cover'], Gate::OpenedOnce];
    }

    /**
     * @param list<string> $leftOut
     * @param list<string> $added
     */
    #[DataProvider('wrong')]
    public function testNamesTheGateThatIsBroken(array $leftOut, array $added, Gate $gate): void
    {
        self::assertSame($gate, self::broken([...array_values(array_diff(self::RIGHT, $leftOut)), ...$added]));
    }

    /** @return iterable<string, array{list<string>, Gate}> done in this order on an engine that arrives whole */
    public static function otherTrades(): iterable
    {
        $prepared = ['water_on', 'locked_out', '+cowl'];
        yield 'started with the plugs out' => [[...$prepared, '+plugs', 'lockout_lifted', 'started'], Gate::Shut];
        yield 'started with the guard off' => [[...$prepared, '+flywheel_guard', 'lockout_lifted', 'started'], Gate::Shut];
        yield 'started with the lower unit off' => [[...$prepared, '+lower_unit', 'lockout_lifted', 'started'], Gate::Shut];
        yield 'started with the fuel line open' => [[...$prepared, 'fuel_opened', '+fuel_line', 'lockout_lifted', 'started'], Gate::FuelTight];
        yield 'started before the fuel joints were proven dry' => [[...$prepared, 'fuel_opened', '+fuel_line', '-fuel_line', 'lockout_lifted', 'started'], Gate::FuelTight];
        yield 'started with the gearcase open' => [[...$prepared, 'gear_screws_proven', 'gear_opened', 'lockout_lifted', 'started'], Gate::GearOilIn];
        yield 'the gearcase opened before both screws moved' => [[...$prepared, 'gear_opened'], Gate::GearScrewsProven];
        yield 'the gearcase drain closed before the vent' => [[...$prepared, 'gear_screws_proven', 'gear_opened', 'gear_filled', 'gear_drain_closed'], Gate::GearVentShut];
        yield 'the lower unit off with the gearcase open' => [[...$prepared, 'gear_screws_proven', 'gear_opened', 'shift_apart'], Gate::GearVentShut];
        yield 'started before the shift was proven' => [[...$prepared, 'shift_apart', 'lockout_lifted', 'started'], Gate::ShiftProven];
        yield 'the ram greased while it is out' => [[...$prepared, 'ram_greased'], Gate::RamDrawnIn];
        yield 'turned by hand while it can start' => [['water_on', 'turned_by_hand'], Gate::LockedOut];
        yield 'oil in with the dipstick tube off' => [[...$prepared, '+oil_tube', 'oil_in'], Gate::Shut];
        yield 'a level read after it was tilted' => [[...$prepared, 'rested', 'set_tilted_up', 'level_read'], Gate::Rested];
        yield 'tilted while it runs' => [['water_on', 'started', 'set_tilted_up'], Gate::NotRunning];
        yield 'the propeller nut left unlocked' => [['locked_out', 'propeller_lock_opened'], Gate::PropellerLocked];
    }

    /** @param list<string> $done */
    #[DataProvider('otherTrades')]
    public function testTheGatesOfTheOtherTrades(array $done, Gate $gate): void
    {
        self::assertSame($gate, self::broken($done));
    }

    public function testNothingIsDoneBehindACoverThatIsJustComingOff(): void
    {
        $off = new PlannedWork('off', 'port', 'off', opens: Opening::Cowl);
        $behind = new PlannedWork('behind', 'port', 'behind', openings: [Opening::Cowl]);
        $this->expectExceptionMessage('"behind" (port) lies behind the cowl, which is not open.');
        (new GateChecker())->checkTimed(['port'], [new TimedWork($off, 0, 5), new TimedWork($behind, 4, 6)]);
    }

    public function testARestThatIsTooShortIsNoRest(): void
    {
        $run = new PlannedWork('run', 'port', 'run', [Effect::WaterOn, Effect::Started, Effect::Stopped]);
        $rest = new PlannedWork('rest', 'port', 'rest', [Effect::Rested]);
        $read = new PlannedWork('read', 'port', 'read', [Effect::LevelRead], restMin: 25);
        $plan = static fn (int $minutes): array => [new TimedWork($run, 0, 10), new TimedWork($rest, 10, 10 + $minutes), new TimedWork($read, 10 + $minutes, 13 + $minutes)];
        (new GateChecker())->checkTimed(['port'], $plan(25));
        $this->expectExceptionMessage('"read" (port) comes 1 min before the oil has rested.');
        (new GateChecker())->checkTimed(['port'], $plan(24));
    }

    public function testAnEngineThatHangsWrongIsNotWorkedOn(): void
    {
        $this->expectExceptionMessage('"fill" (port) needs the engine vertical, and it is tilted up.');
        (new GateChecker())->check(['port'], [new PlannedWork('tilt', 'port', 'tilt', [Effect::SetTiltedUp]), new PlannedWork('fill', 'port', 'fill', attitude: Attitude::Vertical)]);
    }

    public function testColdWorkIsNotDoneAfterARun(): void
    {
        $this->expectExceptionMessage('"gauge" (port) comes too early: it needs that the engine is cold.');
        (new GateChecker())->check(['port'], [new PlannedWork('run', 'port', 'run', [Effect::WaterOn, Effect::Started, Effect::Stopped]), new PlannedWork('gauge', 'port', 'gauge', cold: true)]);
    }

    public function testOneEngineDoesNotOpenAnothersGate(): void
    {
        $this->expectException(GateBroken::class);
        $this->expectExceptionMessage('"oil_in" (starboard) comes too early: it needs that the drain is closed.');
        (new GateChecker())->check(['port', 'starboard'], [
            ...self::works(['locked_out', '+cowl', 'drain_opened', 'oil_out'], 'port'),
            ...self::works(['locked_out', '+cowl', 'drain_opened', 'oil_out'], 'starboard'),
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
                if (null !== self::broken(array_values($order))) {
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
            $hands = \in_array($effect, ['+cowl', '+panel', 'drain_opened', 'filter_off'], true) && ('locked_out' !== $last('locked_out', 'lockout_lifted') || 'started' === $last('started', 'stopped'));
            if ($dangerous || $dry || $hands) {
                return false;
            }
        }

        return true;
    }

    /** @param list<string> $done */
    private static function broken(array $done): ?Gate
    {
        try {
            self::check($done);
        } catch (GateBroken $error) {
            return $error->gate;
        }

        return null;
    }

    /**
     * @param list<string> $done
     *
     * @throws GateBroken
     */
    private static function check(array $done): void
    {
        (new GateChecker())->check(['port'], self::works($done, 'port'));
    }

    /**
     * @param list<string> $done
     *
     * @return list<PlannedWork>
     */
    private static function works(array $done, ?string $position): array
    {
        return array_map(static fn (string $what): PlannedWork => match ($what[0]) {
            '+' => new PlannedWork($what, $position, $what, opens: Opening::from(substr($what, 1)), openings: '+panel' === $what ? [Opening::Cowl] : [], lockout: Lockout::Locked),
            '-' => new PlannedWork($what, $position, $what, closes: Opening::from(substr($what, 1)), lockout: Lockout::Locked),
            default => new PlannedWork($what, $position, $what, [Effect::from($what)]),
        }, $done);
    }
}
