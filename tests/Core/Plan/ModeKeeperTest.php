<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Plan;

use FreshTack\Core\Plan\Attitude;
use FreshTack\Core\Plan\Lockout;
use FreshTack\Core\Plan\ModeChanges;
use FreshTack\Core\Plan\ModeKeeper;
use FreshTack\Core\Plan\PlannedWork;
use PHPUnit\Framework\TestCase;

final class ModeKeeperTest extends TestCase
{
    public function testALockoutIsPutInBeforeTheFirstWorkThatNeedsItAndHandedBackAtTheEnd(): void
    {
        self::assertSame(['look', 'lock-out', 'grease', 'inspect', 'hand-back'], self::placed(
            Works::one('look'),
            Works::one('grease', lockout: Lockout::Locked),
            Works::one('inspect', lockout: Lockout::Locked),
        ));
    }

    public function testARunLiftsTheLockoutAndTheNextWorkSetsItAgainAsItsSecondTime(): void
    {
        self::assertSame(['lock-out', 'grease', 'unlock', 'run', 'lock-out-2', 'close', 'hand-back'], self::placed(
            Works::one('grease', lockout: Lockout::Locked),
            Works::one('run', lockout: Lockout::Free),
            Works::one('close', lockout: Lockout::Locked),
        ));
    }

    public function testAnEngineIsTurnedOnceForWorkThatHangsTheSameAndLeftUpright(): void
    {
        self::assertSame(['tilt', 'drain', 'filter', 'lower', 'read'], self::placed(
            Works::one('drain', attitude: Attitude::TiltedUp),
            Works::one('filter', attitude: Attitude::TiltedUp),
            Works::one('read', attitude: Attitude::Vertical),
        ));
        self::assertSame(['tilt', 'drain', 'lower'], self::placed(Works::one('drain', attitude: Attitude::TiltedUp)));
    }

    public function testATurnCountsForTwoChangesAndALockoutForOne(): void
    {
        $keeper = new ModeKeeper(Works::modes());

        self::assertSame([0, 1, 2, 3], array_map($keeper->changesFor(...), [
            Works::one('look'),
            Works::one('grease', lockout: Lockout::Locked),
            Works::one('drain', attitude: Attitude::TiltedUp),
            Works::one('both', lockout: Lockout::Locked, attitude: Attitude::TiltedUp),
        ]));
    }

    public function testAChangeThatTheBookDoesNotKnowIsLeftToTheGates(): void
    {
        $keeper = new ModeKeeper(new ModeChanges(null, null, null, []));
        $keeper->place(Works::one('drain', lockout: Lockout::Locked, attitude: Attitude::TiltedUp));

        self::assertSame(['drain'], Works::ids($keeper->sequence()));
    }

    public function testNothingToDoNeedsNoHandingBack(): void
    {
        self::assertSame([], self::placed());
    }

    /** @return list<string> */
    private static function placed(PlannedWork ...$works): array
    {
        $keeper = new ModeKeeper(Works::modes());
        array_map($keeper->place(...), $works);

        return Works::ids($keeper->sequence());
    }
}
