<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Plan;

use FreshTack\Core\Plan\CannotPlan;
use FreshTack\Core\Plan\HandMove;
use FreshTack\Core\Plan\Lockout;
use FreshTack\Core\Plan\NestedOrder;
use FreshTack\Core\Plan\Opening;
use FreshTack\Core\Plan\PlannedWork;
use FreshTack\Core\Plan\Position;
use FreshTack\Core\Plan\Rig;
use FreshTack\Core\Plan\RigWorks;
use FreshTack\Core\Plan\Stretch;
use FreshTack\Core\Plan\WorkId;
use PHPUnit\Framework\TestCase;

/** What waits for what on a rig, what is done in one go, and what may be moved. */
final class RigWorksTest extends TestCase
{
    public function testWhatIsOpenedIsOpenedBeforeWhatLiesBehindItAndClosedAfterWhateverTheRanks(): void
    {
        $works = NestedOrder::of([
            Works::standing(Works::of('-cowl'), 1),
            Works::standing(Works::needing(Works::of('-panel'), [Opening::Cowl]), 2),
            Works::standing(Works::needing(Works::of('drain'), [Opening::Panel]), 3),
            Works::standing(Works::of('+panel'), 4),
            Works::standing(Works::of('+cowl'), 5),
        ]);

        self::assertSame(['+cowl', '+panel', 'drain', '-panel', '-cowl'], Works::names($works));
    }

    public function testTheCowlComesLastWhateverTheRank(): void
    {
        self::assertSame(['+cowl', 'anodes', '-cowl'], Works::names(NestedOrder::of([
            Works::standing(Works::of('+cowl'), 1), Works::standing(Works::of('-cowl'), 2), Works::standing(Works::of('anodes'), 3),
        ])));
    }

    public function testFillingWaitsForTheClosedDrainAndTheRunForBoth(): void
    {
        $rig = self::rig(self::oilChange());
        $graph = $rig->graphs[0];
        $names = Works::names($graph->works);
        $waits = static fn (string $name): array => array_map(
            static fn (int $place): string => $names[$place],
            $graph->waits->before((int) array_search($name, $names, true)),
        );

        self::assertContains('drain_closed', $waits('oil_in'));
        self::assertContains('oil_in', $waits('water_on started'));
        self::assertContains(
            'water_on started stopped water_off',
            $waits('drain_opened oil_out'),
            'what is done warm waits for the run that warms',
        );
    }

    public function testFromTheRunThatWarmsToTheOpenDrainItIsOneStretchWithItsLockouts(): void
    {
        $stretch = self::stretch(self::rig(self::oilChange()), 'drain_opened oil_out');

        self::assertSame(
            ['lockout_lifted', 'water_on started stopped water_off', 'locked_out', 'drain_opened oil_out'],
            Works::names($stretch->works),
        );
        // lift 1, run 5, lock out 1, drain 5; the oil runs out for 14 min
        self::assertSame([[0, 1, 6, 7], 12, 14], [$stretch->offsets, $stretch->heldMin, $stretch->unattendedMin]);
    }

    public function testARunIsOneStretchFromTheLiftedLockoutToTheNext(): void
    {
        self::assertSame(
            ['lockout_lifted', 'water_on started', 'stopped water_off', 'locked_out'],
            Works::names(self::stretch(self::rig(self::oilChange()), 'water_on started')->works),
        );
    }

    public function testAMoveThatNothingForbidsIsKept(): void
    {
        $rig = self::rig([...self::oilChange(), Works::of('grease'), Works::of('inspect')], [['inspect', 'grease']]);

        self::assertCount(1, $rig->kept);
        self::assertSame([], $rig->missed);
    }

    public function testAMoveBetweenEnginesIsKeptToo(): void
    {
        $move = new HandMove(new WorkId(Position::Starboard, 'grease'), new WorkId(Position::Port, 'grease'));
        $engine = static fn (Position $position): object => Works::engine([Works::of('grease', $position)], $position);
        $rig = new RigWorks(
            new Rig([Position::Port, Position::Starboard]),
            [],
            [$engine(Position::Port), $engine(Position::Starboard)],
            [$move],
        );

        self::assertSame([$move], $rig->kept);
    }

    public function testAMoveAgainstWhatWaitsIsNotKept(): void
    {
        $rig = self::rig(
            self::oilChange(),
            [['oil_in', 'drain_closed'], ['level_read', 'water_on started'], ['oil_in', 'oil_in'], ['oil_in', 'nothing']],
        );

        self::assertSame([[], 4], [$rig->kept, \count($rig->missed)]);
    }

    public function testWorksThatNoPlanCanDoAreNamedTogether(): void
    {
        // the filter belongs together with the oil, but the oil needs the filter that goes on between
        $this->expectException(CannotPlan::class);
        $this->expectExceptionMessage('"filter_on"');
        self::rig([
            Works::standing(Works::of('filter_off old_gasket_seen'), 1, together: 'a'),
            Works::standing(Works::of('filter_on'), 2),
            Works::standing(Works::of('oil_in'), 3, together: 'a'),
        ]);
    }

    /**
     * @param list<PlannedWork>           $works
     * @param list<array{string, string}> $moves
     */
    private static function rig(array $works, array $moves = []): RigWorks
    {
        $id = static fn (string $name): WorkId => new WorkId(Position::Port, $name);

        return new RigWorks(
            new Rig([Position::Port]),
            [],
            [Works::engine($works)],
            array_map(static fn (array $move): HandMove => new HandMove($id($move[0]), $id($move[1])), $moves),
        );
    }

    private static function stretch(RigWorks $rig, string $with): Stretch
    {
        foreach ($rig->stretches as $stretch) {
            if (\in_array($with, Works::names($stretch->works), true)) {
                return $stretch;
            }
        }
        self::fail("Nothing does $with.");
    }

    /**
     * Warm run, drain, close, fill, the run that proves, and a reading after a rest of 25 minutes.
     *
     * @return list<PlannedWork>
     */
    private static function oilChange(): array
    {
        $locked = static fn (PlannedWork $work): PlannedWork => Works::needing($work, lockout: Lockout::Locked);
        $free = static fn (PlannedWork $work): PlannedWork => Works::needing($work, lockout: Lockout::Free);

        return [
            Works::standing($free(Works::of('water_on started stopped water_off')), 1),
            Works::standing(Works::taking($locked(Works::of('drain_opened oil_out')), 5, wait: 14), 2, warm: true, together: 'drain'),
            Works::standing($locked(Works::of('drain_closed')), 3),
            Works::standing($locked(Works::of('oil_in')), 4),
            Works::standing($free(Works::of('water_on started')), 5, together: 'run'),
            Works::standing(Works::taking($free(Works::of('stopped water_off')), 3, wait: 25), 6, together: 'run'),
            Works::standing(Works::of('rested'), 7, afterRun: true),
            Works::standing(Works::of('level_read'), 8, afterRun: true),
        ];
    }
}
