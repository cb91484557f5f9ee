<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Procedure;

use FreshTack\Core\Procedure\Operation;
use FreshTack\Core\Procedure\Step;
use FreshTack\Core\Procedure\ToolNeed;
use FreshTack\Tests\Support\Book;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a careful technician does inside each task, by the numbers of the job's description: each stands in the book. */
final class CarefulWorkTest extends TestCase
{
    /** By number: operations and steps as `operation.step`, or a tool of an operation as `operation/tool`. */
    private const LINES = [
        1 => ['level-on-arrival.hung', 'level-on-arrival.dwell', 'level-on-arrival.read'],
        2 => ['gather.gather', 'lay-over.turn', 'steer-over.turn'],
        3 => ['place.room'],
        4 => ['cowl-off.soak'],
        5 => ['drain-plug.open'],
        6 => ['drain-valve.blocked', 'drain-plug.blocked'],
        7 => ['drain-again.open', 'drain-extract.pull'],
        8 => ['drain-valve.hose', 'drain-valve.hose-length'],
        9 => ['drain-plug.look'],
        10 => ['filter-off.spare'],
        11 => ['filter-off.match', 'filter-off.wet', 'filter-off.wet-element'],
        12 => ['filter-off.catch'],
        13 => ['filter-off.stuck', 'filter-off/Strap wrench'],
        14 => ['filter-off.in-the-way', 'filter-on.put-back'],
        15 => ['filter-on.seat', 'filter-on.seat-element'],
        16 => ['filter-on.beside', 'filter-on.beside-element'],
        17 => ['filter-on.cut'],
        18 => ['fill.ready'],
        19 => ['filter-on.prime', 'filter-on.not-primed', 'run.prime'],
        20 => ['fill.cap'],
        21 => ['plugs-out.blow'],
        22 => ['plugs-out.leads'],
        23 => ['plugs-read.read'],
        24 => ['plugs-in.leads', 'plugs-new.leads'],
        25 => ['plugs-in.turn'],
        26 => [
            'fuel-off-inline.air',
            'fuel-off-inline.battery',
            'fuel-off-inline.pressure',
            'fuel-off-inline/Fire extinguisher within reach',
        ],
        27 => ['fuel-off-bowl.look'],
        28 => ['fuel-on-bowl.seal', 'fuel-on-bowl.turn'],
        29 => ['fuel-on-bowl.turn'],
        30 => ['fuel-off-inline/Cutter for ties', 'fuel-off-inline/Clamp pliers', 'fuel-on-inline.ties'],
        31 => ['separator.bowl', 'separator.match', 'separator-look.look'],
        32 => ['run.portable'],
        33 => ['gear-drain.free', 'gear-drain.drain', 'gear-drain.first', 'gear-drain.magnet', 'gear-drain.vent'],
        34 => ['gear-drain.drip'],
        35 => ['gear-fill.pump'],
        36 => ['gear-fill.vent', 'gear-fill.drain'],
        37 => ['gear-fill.pump'],
        38 => ['gear-fill.bore', 'gear-fill.seals'],
        39 => ['propeller-off.lay', 'propeller-on.stack'],
        40 => ['shaft.line', 'shaft.blades', 'shaft.splines', 'shaft.play'],
        41 => ['propeller-on.grease', 'propeller-on.lock', 'propeller-off.nut'],
        42 => ['lower-unit-off.mark', 'lower-unit-on.tab'],
        43 => ['lower-unit-off.lines'],
        44 => ['lower-unit-off.gear'],
        45 => ['lower-unit-off.fasteners', 'lower-unit-off.held', 'lower-unit-off.lower'],
        46 => ['pump-open.vanes', 'pump-open.clean', 'pump-open/Gasket scraper, plastic'],
        47 => ['pump-close.key', 'pump-close.turn'],
        48 => ['lower-unit-on.up'],
        49 => ['lower-unit-on.up'],
        50 => ['shift-prove.prove'],
        51 => ['anode-covers-off.off', 'anode-covers-on.on', 'anode-covers-on.tight'],
        52 => ['anodes-in.look'],
        53 => ['leak-check.anode-run'],
        54 => ['thermostat-off.seat', 'thermostat-on.seal', 'thermostat-on.clamp'],
        55 => ['belt-moves.move', 'belt-new.back'],
        56 => ['belt-new.off', 'belt-new.tension', 'belt-new.alternator'],
        57 => ['belt-new.again', 'timing-new.twice'],
        58 => ['valves-measure.written'],
        59 => ['grease.points'],
        60 => ['grease.dry'],
        61 => ['inspect.touch'],
        62 => ['shaft.play'],
        63 => ['inspect.touch'],
        64 => ['inspect.linkage'],
        65 => ['inspect.linkage'],
        66 => ['guard-on/Small ratchet', 'guard-on.tight'],
        67 => ['plug-cover-on.on', 'guard-off.screws'],
        68 => ['cowl-on.grommets', 'cowl-on.on'],
        69 => ['guard-on.turn', 'cowl-on.count'],
        70 => ['run.wipe', 'protect.spray'],
        71 => ['run.tell-tale', 'run.start', 'run.noise', 'sea-trial.idle'],
        72 => ['run.water', 'leak-check.stop'],
        73 => ['launch-shop.bung', 'sea-trial.back', 'sea-trial.level'],
        74 => ['close-out.left'],
        75 => ['close-out.near-miss'],
    ];

    public function testEveryNumberIsThere(): void
    {
        self::assertSame(range(1, 75), array_keys(self::LINES));
    }

    /** @return iterable<int, array{list<string>}> */
    public static function lines(): iterable
    {
        foreach (self::LINES as $number => $places) {
            yield $number => [$places];
        }
    }

    /** @param list<string> $places */
    #[DataProvider('lines')]
    public function testEachLineStandsInTheBook(array $places): void
    {
        self::assertSame([], array_values(array_diff($places, self::known())));
    }

    /** @return list<string> */
    private static function known(): array
    {
        $known = [];
        foreach (Book::readProcedures() as $procedure) {
            foreach ($procedure->operations as $operation) {
                array_push($known, ...self::of($operation));
            }
        }

        return $known;
    }

    /** @return list<string> */
    private static function of(Operation $operation): array
    {
        return [
            ...array_map(static fn (Step $step): string => $operation->id.'.'.$step->id, $operation->doing->steps),
            ...array_map(static fn (ToolNeed $tool): string => $operation->id.'/'.$tool->name, $operation->doing->outfit->tools),
        ];
    }
}
