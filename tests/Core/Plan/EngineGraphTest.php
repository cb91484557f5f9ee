<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Plan;

use FreshTack\Core\Plan\Arrangement;
use FreshTack\Core\Plan\Effect;
use FreshTack\Core\Plan\EngineGraph;
use FreshTack\Core\Plan\HandMove;
use FreshTack\Core\Plan\Lockout;
use FreshTack\Core\Plan\NestedOrder;
use FreshTack\Core\Plan\Opening;
use FreshTack\Core\Plan\PlannedWork;
use FreshTack\Core\Plan\RigWorks;
use PHPUnit\Framework\TestCase;

/** What waits for what at one engine, what may be moved, and where it then lies. */
final class EngineGraphTest extends TestCase
{
    public function testWhatIsOpenedIsOpenedBeforeWhatLiesBehindItAndClosedAfterWhateverTheRanks(): void
    {
        $works = NestedOrder::of([
            Works::one('cowl-on', 1, closes: Opening::Cowl),
            Works::one('panel-on', 2, closes: Opening::Panel, openings: [Opening::Cowl]),
            Works::one('drain', 3, openings: [Opening::Panel]),
            Works::one('panel-off', 4, opens: Opening::Panel, openings: [Opening::Cowl]),
            Works::one('cowl-off', 5, opens: Opening::Cowl),
        ]);

        self::assertSame(['cowl-off', 'panel-off', 'drain', 'panel-on', 'cowl-on'], Works::ids($works));
    }

    public function testWhereNothingElseDecidesTheLowerRankComesFirst(): void
    {
        self::assertSame(['a', 'b', 'c'], Works::ids(NestedOrder::of([Works::one('c', 3), Works::one('a', 1), Works::one('b', 2)])));
    }

    public function testFillingWaitsForTheClosedDrainAndTheRunForBoth(): void
    {
        $graph = new EngineGraph(Works::engine(self::oilChange()));
        $waits = static fn (string $id): array => array_map(static fn (int $place): string => substr($graph->works[$place]->id, 5), $graph->before[(int) array_search($id, Works::ids($graph->works), true)] ?? []);

        self::assertContains('close', $waits('fill'));
        self::assertContains('fill', $waits('run'));
        self::assertContains('warm', $waits('drain'), 'what is done warm waits for the run that warms');
    }

    public function testGreasingMayLieBeforeBetweenOrAfterTheRunsAndReadingOnlyAtTheEnd(): void
    {
        $graph = new EngineGraph(Works::engine([...self::oilChange(), Works::one('grease', 8, movable: true, lockout: Lockout::Locked)]));

        self::assertSame([[0, 2]], $graph->ranges);
        self::assertSame('grease', Works::ids($graph->works)[$graph->groups[0][0]]);
        self::assertSame([5, 25], [$graph->minutes(0), $graph->lastRest()]);
    }

    public function testMovableWorksThatWaitForEachOtherAreMovedTogether(): void
    {
        $propeller = [
            Works::one('propeller-off', 8, opens: Opening::Propeller, movable: true, lockout: Lockout::Locked),
            Works::one('shaft', 9, openings: [Opening::Propeller], movable: true, lockout: Lockout::Locked),
            Works::one('propeller-on', 10, closes: Opening::Propeller, movable: true, lockout: Lockout::Locked),
        ];
        $graph = new EngineGraph(Works::engine([...self::oilChange(), ...$propeller]));

        self::assertCount(1, $graph->groups);
        self::assertCount(3, $graph->groups[0]);
    }

    public function testAShortMovableWorkWaitsForTheRestAtTheEndAndALongOneFillsTheDrain(): void
    {
        $usual = static fn (int $minutes): array => Works::ids(Arrangement::usual(self::rig([Works::one('grease', 8, movable: true, lockout: Lockout::Locked, minutes: $minutes)]))->sequence());
        $after = static fn (array $ids, string $first, string $second): bool => array_search($first, $ids, true) < array_search($second, $ids, true);

        // the rest after the run takes 25 minutes
        self::assertTrue($after($usual(25), 'run', 'grease'));
        self::assertTrue($after($usual(26), 'grease', 'run'));
        self::assertTrue($after($usual(26), 'drain', 'grease'));
    }

    public function testTheNeighboursPutOneGroupIntoEachOtherPart(): void
    {
        $usual = Arrangement::usual(self::rig([Works::one('grease', 8, movable: true, lockout: Lockout::Locked)]));
        $parts = array_map(static fn (Arrangement $neighbour): array => $neighbour->parts, [...$usual->neighbours()]);

        self::assertSame([[[2]], [[[0]], [[1]]]], [$usual->parts, $parts]);
    }

    public function testAMoveThatNothingForbidsIsKeptAndThePlanMustMeetIt(): void
    {
        $graph = new EngineGraph(Works::engine([...self::oilChange(), Works::one('grease', 8), Works::one('inspect', 9)], [['inspect', 'grease']]));

        self::assertSame([['port.inspect', 'port.grease']], array_map(static fn (HandMove $move): array => [$move->work, $move->before], $graph->kept));
        self::assertLessThan(array_search('grease', Works::ids($graph->works), true), array_search('inspect', Works::ids($graph->works), true));
    }

    public function testAMoveAgainstWhatWaitsIsNotKept(): void
    {
        self::assertSame([], (new EngineGraph(Works::engine(self::oilChange(), [['fill', 'close'], ['read', 'run'], ['fill', 'fill'], ['fill', 'nothing']])))->kept);
    }

    public function testWhatIsMovedBeforeTheDrainIsMovedBeforeTheRunThatWarms(): void
    {
        $graph = new EngineGraph(Works::engine([...self::oilChange(), Works::one('grease', 8)], [['grease', 'drain']]));

        self::assertContains(['port.grease', 'port.warm'], array_map(static fn (HandMove $move): array => [$move->work, $move->before], $graph->kept));
    }

    /**
     * Warm run, drain, close, fill, the run that proves, its end, and a reading after a rest of 25 minutes.
     *
     * @return list<PlannedWork>
     */
    private static function oilChange(): array
    {
        return [
            Works::one('warm', 1, [Effect::Started, Effect::Stopped], lockout: Lockout::Free),
            Works::one('drain', 2, [Effect::DrainOpened, Effect::OilOut], warm: true, wait: 14, lockout: Lockout::Locked),
            Works::one('close', 3, [Effect::DrainClosed], lockout: Lockout::Locked),
            Works::one('fill', 4, [Effect::OilIn], lockout: Lockout::Locked),
            Works::one('run', 5, [Effect::Started], lockout: Lockout::Free),
            Works::one('stop', 6, [Effect::Stopped], wait: 25),
            Works::one('read', 7, [Effect::LevelRead], afterRun: true),
        ];
    }

    /** @param list<PlannedWork> $more */
    private static function rig(array $more): RigWorks
    {
        return new RigWorks([], [Works::engine([...self::oilChange(), ...$more])], []);
    }
}
