<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Plan;

use FreshTack\Core\Plan\EngineWorks;
use FreshTack\Core\Plan\ModeChanges;
use FreshTack\Core\Plan\PlannedWork;
use FreshTack\Core\Plan\Position;
use FreshTack\Core\Plan\Rig;
use FreshTack\Core\Plan\RigWorks;
use FreshTack\Core\Plan\SoloBound;
use FreshTack\Core\Plan\WalkMap;
use FreshTack\Core\Plan\Zone;
use PHPUnit\Framework\TestCase;

/** What one technician can't beat, on works small enough to be put in order by hand; a change of place costs 2 min. */
final class SoloBoundTest extends TestCase
{
    public function testAWaitThatNothingFillsIsWaited(): void
    {
        // 5 min, 20 min by itself, 5 min
        self::assertSame(30, self::bound([Position::Single->value => [self::drain(20), self::close()]]));
    }

    public function testWorkOnTheSameEngineFillsAWait(): void
    {
        // of 20 min of waiting 12 are filled
        self::assertSame(30, self::bound([Position::Single->value => [self::drain(20), self::close(), self::work('plugs', 12)]]));
        // 25 min fill all of it: 5 + 25 + 5
        self::assertSame(35, self::bound([Position::Single->value => [self::drain(20), self::close(), self::work('plugs', 25)]]));
    }

    public function testBelowTheWaterIsAnotherPlace(): void
    {
        // down for 12 min and up again within the wait, or down after all of it: 5 + 20 + 5, against 34 for the latter
        $works = [self::drain(20), self::close(), self::work('propeller', 12, Zone::Gearcase)];
        self::assertSame(30, self::bound([Position::Single->value => $works]));
        // 17 min and two changes are 21: a minute more than the wait, so 5 + 21 + 5; after it all: 5 + 20 + 5 + 2 + 17
        $works[2] = self::work('propeller', 17, Zone::Gearcase);
        self::assertSame(31, self::bound([Position::Single->value => $works]));
    }

    public function testAWaitIsLeftForTheNextEngine(): void
    {
        // port is drained until 5, starboard from 7 to 12, port is waited for until 25 and closed until 30, starboard from
        // 32, when it has dripped out too, to 37; with starboard closed first it is 44
        self::assertSame(37, self::bound([
            Position::Port->value => [self::drain(20, Position::Port), self::close(Position::Port)],
            Position::Starboard->value => [self::drain(20, Position::Starboard), self::close(Position::Starboard)],
        ]));
    }

    public function testOfManyEnginesEachIsLeftAtThePriceOfAChange(): void
    {
        // five times drain and close are 50 min; nine changes are 18: while one drips the others are worked on
        $engines = [];
        foreach ([Position::PortOuter, Position::Port, Position::Centre, Position::Starboard, Position::StarboardOuter] as $position) {
            $engines[$position->value] = [self::drain(20, $position), self::close($position)];
        }
        self::assertSame(68, self::bound($engines));
    }

    public function testAnEngineWithoutWorkIsNotGoneTo(): void
    {
        self::assertSame(30, self::bound([
            Position::Port->value => [self::drain(20, Position::Port), self::close(Position::Port)],
            Position::Starboard->value => [],
        ]));
    }

    public function testWhereThereAreTooManyOrdersItStaysTrueAndKnowsTheWorkAtLeast(): void
    {
        // sixteen works in any order, 7 min each, and a wait that they fill
        $works = [self::drain(20), self::close()];
        foreach (range(1, 16) as $number) {
            $works[] = self::work("work-$number", 7);
        }
        self::assertSame(5 + 5 + 16 * 7, self::bound([Position::Single->value => $works]));
    }

    /** @param array<string, list<PlannedWork>> $engines by position */
    private static function bound(array $engines): int
    {
        $positions = array_map(Position::from(...), array_keys($engines));
        $works = array_map(
            static fn (Position $position, array $works): EngineWorks => new EngineWorks(
                $position,
                $works,
                new ModeChanges(null, null, null, []),
            ),
            $positions,
            $engines,
        );

        return SoloBound::of(new WalkMap(new RigWorks(new Rig($positions), [], $works)), 2);
    }

    private static function drain(int $waitMin, Position $position = Position::Single): PlannedWork
    {
        return Works::taking(Works::of('drain_opened oil_out', $position), 5, 0, $waitMin);
    }

    private static function close(Position $position = Position::Single): PlannedWork
    {
        return Works::taking(Works::of('drain_closed', $position), 5);
    }

    private static function work(string $name, int $minutes, Zone $zone = Zone::Powerhead): PlannedWork
    {
        return Works::taking(Works::of($name, Position::Single), $minutes, 0, 0, $zone);
    }
}
