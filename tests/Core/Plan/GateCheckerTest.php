<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Plan;

use Eris\Generators;
use Eris\TestTrait;
use FreshTack\Core\Plan\Attitude;
use FreshTack\Core\Plan\Changes;
use FreshTack\Core\Plan\Effect;
use FreshTack\Core\Plan\Gate;
use FreshTack\Core\Plan\GateBroken;
use FreshTack\Core\Plan\GateChecker;
use FreshTack\Core\Plan\Needs;
use FreshTack\Core\Plan\Opening;
use FreshTack\Core\Plan\PlannedWork;
use FreshTack\Core\Plan\Position;
use FreshTack\Core\Plan\Rig;
use FreshTack\Core\Plan\TimedWork;
use FreshTack\Core\Plan\WorkId;
use FreshTack\Core\Plan\Zone;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class GateCheckerTest extends TestCase
{
    use TestTrait;

    private const RUN = ['lockout_lifted', 'water_on started', 'stopped water_off', 'locked_out'];
    /** A whole oil and filter change with panel and trough, as it should be; one work a line. */
    private const RIGHT = [
        ...self::RUN, '+cowl', '+panel', 'drain_opened oil_out', 'drain_closed', 'spill_opened', 'filter_off old_gasket_seen', 'filter_on',
        'spill_closed', 'oil_in', 'rested', 'level_read', 'oil_wiped', ...self::RUN, 'rested', 'level_read', '-panel', 'counted_out -cowl',
        'lockout_lifted',
    ];

    public function testTheRightOrderPasses(): void
    {
        $this->expectNotToPerformAssertions();
        self::check(self::RIGHT);
    }

    /** @return iterable<string, array{string, Gate}> what is left out, broken gate */
    public static function leftOut(): iterable
    {
        yield 'oil in before the drain is closed' => ['drain_closed', Gate::DrainShut];
        yield 'the trough left open' => ['spill_closed', Gate::SpillShut];
        yield 'no filter fitted' => ['filter_on', Gate::FilterFitted];
        yield 'no oil poured' => ['oil_in', Gate::OilInEngine];
        yield 'a level read without rest' => ['rested', Gate::Rested];
        yield 'the cowl on before the panel' => ['-panel', Gate::Shut];
        yield 'the cowl left off' => ['counted_out -cowl', Gate::Shut];
        yield 'hands under the cowl without lockout' => ['locked_out', Gate::LockedOut];
        yield 'the panel off with the cowl on' => ['+cowl', Gate::Opened];
    }

    #[DataProvider('leftOut')]
    public function testNamesTheGateThatIsBroken(string $leftOut, Gate $gate): void
    {
        self::assertSame($gate, self::broken(array_values(array_diff(self::RIGHT, [$leftOut]))));
    }

    /** @return iterable<string, array{list<string>, Gate}> done in this order on an engine that arrives whole and is locked out */
    public static function wrong(): iterable
    {
        $start = ['lockout_lifted', 'water_on started'];
        yield 'started without water' => [['lockout_lifted', 'started'], Gate::WaterSupplied];
        yield 'cranked without water' => [['lockout_lifted', 'cranked water_on started'], Gate::WaterSupplied];
        yield 'cranked while locked out' => [['water_on cranked'], Gate::NotLockedOut];
        yield 'cranked with the guard off' => [['+flywheel_guard', 'lockout_lifted', 'water_on cranked started'], Gate::Shut];
        yield 'started with the plugs out' => [['+plugs', ...$start], Gate::Shut];
        yield 'started with the guard off' => [['+flywheel_guard', ...$start], Gate::Shut];
        yield 'started with the lower unit off' => [['+lower_unit', ...$start], Gate::Shut];
        yield 'started before the fuel joints were proven dry' => [
            ['fuel_opened +fuel_line', '-fuel_line fuel_pan_shut', ...$start],
            Gate::FuelTight,
        ];
        yield 'started beside an open pan of fuel' => [
            ['fuel_opened +fuel_line', '-fuel_line', 'fuel_proven', ...$start],
            Gate::FuelPanShut,
        ];
        yield 'started with the gearcase open' => [['gear_screws_proven gear_opened', ...$start], Gate::GearOilIn];
        yield 'started before the shift was proven' => [['shift_marked lower_unit_held shift_apart', ...$start], Gate::ShiftProven];
        yield 'the gearcase opened before both screws moved' => [['gear_opened'], Gate::GearScrewsProven];
        yield 'the gearcase drain closed before the vent' => [
            ['gear_screws_proven gear_opened', 'gear_filled gear_drain_closed'],
            Gate::GearVentShut,
        ];
        yield 'the shaft seal looked at after the lubricant is in' => [
            ['gear_screws_proven gear_opened', 'gear_filled gear_vent_closed gear_drain_closed', 'seal_seen'],
            Gate::GearNotFilled,
        ];
        yield 'the lower unit off with the gearcase open' => [
            ['gear_screws_proven gear_opened', 'shift_marked lower_unit_held shift_apart'],
            Gate::GearVentShut,
        ];
        yield 'the lower unit off after the lubricant is in' => [
            [
                'gear_screws_proven gear_opened',
                'gear_filled gear_vent_closed gear_drain_closed',
                'shift_marked lower_unit_held shift_apart',
            ],
            Gate::GearNotFilled,
        ];
        yield 'the lower unit off with nobody holding it' => [['shift_marked shift_apart'], Gate::LowerUnitHeld];
        yield 'the shift rod parted before it was marked' => [['lower_unit_held shift_apart'], Gate::ShiftMarked];
        yield 'the propeller off after the lower unit' => [['+lower_unit', '-lower_unit', '+propeller'], Gate::PropellerFirst];
        yield 'the old gasket not looked for' => [['filter_off', 'filter_on'], Gate::OldGasketSeen];
        yield 'the ram greased while it is out' => [['ram_greased'], Gate::RamDrawnIn];
        yield 'turned by hand while it can start' => [['lockout_lifted', 'turned_by_hand'], Gate::LockedOut];
        yield 'oil in with the dipstick tube off' => [['+oil_tube', 'oil_in'], Gate::Shut];
        yield 'a level read after it was tilted' => [['rested', 'powered set_tilted_up locked_out', 'level_read'], Gate::Rested];
        yield 'tilted while it can start' => [['lockout_lifted', 'set_tilted_up'], Gate::StartInhibited];
        yield 'tilted with fuel open' => [['fuel_opened +fuel_line', 'powered set_tilted_up locked_out'], Gate::FuelTight];
        yield 'tilted with the drain open' => [['drain_opened', 'powered set_tilted_up locked_out'], Gate::DrainShut];
        yield 'tilted with the lower unit off' => [['+lower_unit', 'powered set_tilted_up locked_out'], Gate::Shut];
        yield 'the level on arrival read after a drain' => [['drain_opened oil_out', 'drain_closed', 'arrival_read'], Gate::AsArrived];
        yield 'the level on arrival read after it was tilted' => [['powered set_tilted_up locked_out', 'arrival_read'], Gate::AsArrived];
        yield 'leaks looked for under spilled oil' => [['drain_opened oil_out', 'drain_closed', 'oil_in', 'leaks_looked'], Gate::OilWiped];
        yield 'leaks looked for after a spray' => [['sprayed', 'leaks_looked'], Gate::NotSprayed];
        yield 'launched with the hoses on' => [['hoses_on bung_in', 'launched'], Gate::HosesOff];
        yield 'launched without the bung' => [['launched'], Gate::BungIn];
        yield 'the propeller nut left unlocked' => [['propeller_lock_opened'], Gate::PropellerLocked];
        yield 'the water left on' => [['water_on'], Gate::WaterShut];
        yield 'rags and tools not counted' => [['+cowl', 'drain_opened drain_closed', '-cowl'], Gate::CountedOut];
        yield 'the cowl off a second time' => [['+cowl', 'counted_out -cowl', '+cowl'], Gate::OpenedOnce];
        yield 'a cover on that was never off' => [['-plug_cover'], Gate::OpenedOnce];
        yield 'work after the cowl is on' => [['+cowl', 'counted_out -cowl', 'ram_drawn_in'], Gate::CowlLast];
        yield 'the filter left for other work' => [['filter_off old_gasket_seen', 'ram_drawn_in', 'filter_on'], Gate::FilterNext];
        yield 'fuel joints left for other work' => [
            ['fuel_opened +fuel_line', 'ram_drawn_in', '-fuel_line fuel_pan_shut', 'fuel_proven'],
            Gate::FuelNext,
        ];
        yield 'a housing left open for nothing' => [['+thermostat', 'ram_drawn_in', '-thermostat'], Gate::ClosedNext];
        yield 'a dripped out drain left open for nothing' => [
            ['drain_opened oil_out', 'ram_drawn_in', 'drain_closed', 'oil_in'],
            Gate::ClosedNext,
        ];
        yield 'a lockout lifted for anything but a start' => [['lockout_lifted', 'ram_drawn_in'], Gate::LiftedForStart];
    }

    /** @param list<string> $done */
    #[DataProvider('wrong')]
    public function testWhatWouldHurtOrSpoilIsRefusedByItsName(array $done, Gate $gate): void
    {
        self::assertSame($gate, self::broken(['locked_out', ...$done]));
    }

    public function testTurningTheEngineBetweenOldAndNewFilterIsAllowed(): void
    {
        self::assertNull(self::broken([
            'locked_out',
            'powered set_tilted_up locked_out',
            'filter_off old_gasket_seen',
            'powered set_vertical locked_out',
            'filter_on',
            'lockout_lifted',
        ]));
    }

    public function testAPourThatDoesNotSayHowTheEngineHangsIsRefused(): void
    {
        $pour = new PlannedWork(
            new WorkId(Position::Port, 'pour'),
            'pour',
            new Needs(),
            new Changes([Effect::OilIn]),
            Works::of('x')->hands,
        );

        self::assertSame(Gate::AttitudeSaid, self::gateOf([new TimedWork($pour, 0)]));
        self::assertNull(self::gateOf([new TimedWork(Works::needing($pour, attitude: Attitude::Vertical), 0)]));
    }

    public function testNothingIsDoneBehindACoverThatIsJustComingOff(): void
    {
        $locked = new TimedWork(Works::of('locked_out'), 0);
        $off = new TimedWork(Works::of('+cowl'), 5);
        $behind = new TimedWork(Works::needing(Works::of('behind'), [Opening::Cowl]), 9, [2]);
        $this->expectExceptionMessage('"behind" (port) lies behind the cowl, which is not open.');
        (new GateChecker())->checkTimed(new Rig([Position::Port]), [$locked, $off, $behind]);
    }

    public function testBesideWhatIsOpenOnlyThatIsOpenedWhichTheSameWorkNeeds(): void
    {
        $measure = Works::needing(Works::of('measure'), [Opening::ValveCover, Opening::Plugs]);
        $belt = Works::needing(Works::of('belt'), [Opening::Plugs]);
        $first = [Works::of('locked_out'), Works::of('+valve_cover'), Works::of('+plugs')];

        self::assertNull(self::gateOf(self::timed([...$first, $measure, Works::of('-valve_cover'), $belt, Works::of('-plugs')])));
        // it needs the plugs out, and not the cover off
        self::assertSame(
            Gate::ClosedNext,
            self::gateOf(self::timed([...$first, $belt, $measure, Works::of('-valve_cover'), Works::of('-plugs')])),
        );
    }

    public function testARestThatIsTooShortIsNoRest(): void
    {
        $poured = new TimedWork(Works::of('oil_in oil_wiped'), 0);
        $rested = new TimedWork(Works::taking(Works::of('rested'), 0), 5, []);
        $read = static fn (int $minute): TimedWork => new TimedWork(Works::needing(Works::of('level_read'), restMin: 25), $minute);

        self::assertNull(self::gateOf([$poured, $rested, $read(30)]));
        self::assertSame(Gate::Rested, self::gateOf([$poured, $rested, $read(29)]));
    }

    public function testAnEngineThatHangsWrongIsNotWorkedOn(): void
    {
        $this->expectExceptionMessage('"fill" (port) needs the engine vertical, and it is tilted up.');
        (new GateChecker())->check(
            new Rig([Position::Port]),
            [Works::of('powered set_tilted_up locked_out'), Works::needing(Works::of('fill'), attitude: Attitude::Vertical)],
        );
    }

    public function testColdWorkIsNotDoneAfterARun(): void
    {
        self::assertSame(
            Gate::Cold,
            self::gateOf(self::timed([...array_map(Works::of(...), self::RUN), Works::needing(Works::of('gauge'), gate: Gate::Cold)])),
        );
    }

    /** @return iterable<string, array{list<TimedWork>, Gate|null}> what goes on while port runs from minute 1 to 15, by technician 1 */
    public static function meanwhile(): iterable
    {
        $at = static fn (
            string $does,
            Position $position,
            int $from,
            int $technician,
            Zone $zone = Zone::Powerhead,
        ): TimedWork => new TimedWork(Works::taking(Works::of($does, $position), 3, zone: $zone), $from, [$technician]);
        yield 'nothing' => [[], null];
        yield 'hands at the neighbour\'s powerhead' => [[$at('plugs', Position::Starboard, 5, 2)], null];
        yield 'hands at the neighbour\'s propeller' => [[$at('shaft', Position::Starboard, 5, 2, Zone::Gearcase)], Gate::NeighboursClear];
        yield 'hands at the neighbour\'s belts' => [[$at('belt', Position::Starboard, 5, 2, Zone::Belts)], Gate::NeighboursClear];
        yield 'the neighbour turned' => [
            [$at('powered set_tilted_up locked_out', Position::Starboard, 5, 2, Zone::Whole)],
            Gate::NeighboursClear,
        ];
        yield 'the one who should stay is elsewhere' => [[$at('plugs', Position::Starboard, 5, 1)], Gate::OnePlace];
        yield 'somebody else at the running engine' => [[$at('look', Position::Port, 5, 2)], Gate::OneZone];
        yield 'fuel open at the neighbour' => [
            [
                $at('locked_out', Position::Starboard, 0, 2),
                $at('fuel_opened +fuel_line', Position::Starboard, 5, 2),
                $at('-fuel_line fuel_pan_shut', Position::Starboard, 8, 2),
                $at('fuel_proven', Position::Starboard, 16, 2),
            ],
            Gate::RigFuelTight,
        ];
        yield 'solvent sprayed' => [[$at('sprayed', Position::Starboard, 5, 2)], Gate::NoVapour];
    }

    /** @param list<TimedWork> $meanwhile */
    #[DataProvider('meanwhile')]
    public function testWhatMayGoOnBesideARunningEngine(array $meanwhile, ?Gate $gate): void
    {
        $plan = [...self::aRun(), ...$meanwhile];
        usort($plan, static fn (TimedWork $a, TimedWork $b): int => $a->startMin <=> $b->startMin);

        self::assertSame($gate, self::gateOf($plan, new Rig([Position::Port, Position::Starboard])));
    }

    public function testWithSharedKeysNobodyWorksOnANeighbourAtAll(): void
    {
        $plan = [
            ...\array_slice(self::aRun(), 0, 2),
            new TimedWork(Works::of('plugs', Position::Starboard), 5, [2]),
            ...\array_slice(self::aRun(), 2),
        ];

        self::assertSame(Gate::SharedLockout, self::gateOf($plan, new Rig([Position::Port, Position::Starboard], true)));
    }

    public function testARunningEngineIsNotLeftForAMinute(): void
    {
        [$lift, $start, $stop, $lock] = self::aRun();
        $late = new TimedWork($stop->work, $stop->startMin + 1, [1]);
        $other = new TimedWork($stop->work, $stop->startMin, [2]);

        self::assertSame(Gate::Attended, self::gateOf([$lift, $start, $late, new TimedWork($lock->work, $lock->startMin + 1)]));
        self::assertSame(Gate::Attended, self::gateOf([$lift, $start, $other, $lock]));
        self::assertSame(Gate::Attended, self::gateOf([$lift, new TimedWork(Works::taking($start->work, 3, wait: 7), 1), $stop, $lock]));
    }

    public function testOnePersonMayStayByTwoEnginesThatRunSideBySide(): void
    {
        $rig = new Rig([Position::Port, Position::Starboard, Position::StarboardOuter]);
        // the second is started while the first idles, and looked at and stopped after the first
        [$lift, $start, $stop, $lock] = self::aRun();
        [$lift2, $start2, $stop2, $lock2] = self::aRun(Position::Starboard, 4);
        $beside = static fn (TimedWork $stopped, TimedWork $locked): array => [
            $lift,
            $start,
            $lift2,
            $start2,
            $stop,
            $lock,
            $stopped,
            $locked,
        ];

        self::assertNull(self::gateOf($beside($stop2, $lock2), $rig));
        $atBoth = new TimedWork($start2->work, $stop->startMin - 2);
        self::assertSame(
            Gate::OnePlace,
            self::gateOf(
                [
                    $lift,
                    $start,
                    new TimedWork($lift2->work, 8),
                    $atBoth,
                    $stop,
                    $lock,
                    new TimedWork($stop2->work, 19),
                    new TimedWork($lock2->work, 22),
                ],
                $rig,
            ),
        );
    }

    public function testNobodyStaysByTwoEnginesThatAreApart(): void
    {
        $rig = new Rig([Position::Port, Position::Starboard, Position::StarboardOuter]);
        [$lift, $start, $stop, $lock] = self::aRun();
        [$lift2, $start2, $stop2, $lock2] = self::aRun(Position::StarboardOuter, 4);

        self::assertSame(Gate::OnePlace, self::gateOf([$lift, $start, $lift2, $start2, $stop, $lock, $stop2, $lock2], $rig));
    }

    public function testNobodyIsAtAnEngineThatIsTurned(): void
    {
        $turn = new TimedWork(Works::taking(Works::of('powered set_tilted_up locked_out'), 2), 5, [1]);
        $below = new TimedWork(Works::taking(Works::of('shaft'), 5, zone: Zone::Gearcase), 3, [2]);

        self::assertSame(Gate::NobodyBelow, self::gateOf([new TimedWork(Works::of('locked_out'), 0), $below, $turn]));
    }

    public function testWhatBelongsTogetherIsDoneByTheSameHandsInOneGo(): void
    {
        $one = Works::standing(Works::of('one'), together: 'pair');
        $two = Works::standing(Works::of('two'), together: 'pair');
        $between = Works::taking(Works::of('between'), 5, zone: Zone::Gearcase);

        self::assertNull(self::gateOf([new TimedWork($one, 0), new TimedWork($two, 5)]));
        self::assertSame(Gate::Together, self::gateOf([new TimedWork($one, 0), new TimedWork($between, 5), new TimedWork($two, 10)]));
        self::assertSame(Gate::Together, self::gateOf([new TimedWork($one, 0), new TimedWork($two, 5, [2])]));
    }

    public function testOneEngineDoesNotOpenAnothersGate(): void
    {
        $this->expectException(GateBroken::class);
        $this->expectExceptionMessage('"oil_in" (starboard) comes too early: it needs that the drain is closed.');
        (new GateChecker())->check(new Rig([Position::Port, Position::Starboard]), [
            Works::of('locked_out'), Works::of('locked_out', Position::Starboard),
            Works::of('drain_opened oil_out'), Works::of('drain_opened oil_out', Position::Starboard),
            Works::of('drain_closed'), Works::of('oil_in'), Works::of('oil_in', Position::Starboard),
        ]);
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
                self::assertTrue(self::isSafe(explode(' ', implode(' ', $order))), implode(', ', $order));
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
            $wet = \in_array($effect, ['oil_in', 'started'], true);
            $open = 'drain_opened' === $last('drain_opened', 'drain_closed')
                || 'filter_off' === $last('filter_off', 'filter_on')
                || 'spill_opened' === $last('spill_opened', 'spill_closed');
            $dry = 'started' === $effect && ('water_on' !== $last('water_on', 'water_off') || \in_array($last('oil_out', 'drain_opened', 'oil_in'), ['oil_out', 'drain_opened'], true));
            $hands = \in_array($effect, ['+cowl', '+panel', 'drain_opened', 'filter_off'], true) && ('locked_out' !== $last('locked_out', 'lockout_lifted') || 'started' === $last('started', 'stopped'));
            if (($wet && $open) || $dry || $hands) {
                return false;
            }
        }

        return true;
    }

    /**
     * Lifted, started and attended by one person, stopped, locked out again.
     *
     * @return list<TimedWork>
     */
    private static function aRun(Position $position = Position::Port, int $from = 0): array
    {
        $work = static fn (string $does, int $minutes, int $presence = 0): PlannedWork => Works::taking(
            Works::of($does, $position),
            $minutes,
            $presence,
            zone: Zone::Whole,
        );

        return [
            new TimedWork($work('lockout_lifted', 1), $from),
            new TimedWork($work('water_on started', 3, 7), $from + 1),
            new TimedWork($work('stopped water_off', 3), $from + 11),
            new TimedWork($work('locked_out', 1), $from + 14),
        ];
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
        (new GateChecker())->check(new Rig([Position::Port]), array_map(static fn (string $does): PlannedWork => Works::of($does), $done));
    }

    /**
     * @param list<PlannedWork> $works
     *
     * @return list<TimedWork>
     */
    private static function timed(array $works): array
    {
        return array_map(
            static fn (PlannedWork $work, int $place): TimedWork => new TimedWork($work, 5 * $place),
            $works,
            array_keys($works),
        );
    }

    /** @param list<TimedWork> $plan */
    private static function gateOf(array $plan, Rig $rig = new Rig([Position::Port])): ?Gate
    {
        try {
            (new GateChecker())->checkTimed($rig, $plan);
        } catch (GateBroken $error) {
            return $error->gate;
        }

        return null;
    }
}
