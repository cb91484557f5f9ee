<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Plan;

use FreshTack\Core\Plan\HandsAssigner;
use FreshTack\Core\Plan\Sequence\Activity;
use PHPUnit\Framework\TestCase;

final class HandsAssignerTest extends TestCase
{
    public function testWhoWasAtTheEngineLastGoesOnThere(): void
    {
        // both begin at once, at two engines; each stays where they are
        self::assertSame([0 => [1], 1 => [2], 2 => [1], 3 => [2]], self::assigned(2, [[10, 0, 'port'], [10, 0, 'starboard'], [5, 10, 'port'], [5, 10, 'starboard']]));
        self::assertSame([0 => [1], 1 => [2], 2 => [2], 3 => [1]], self::assigned(2, [[10, 0, 'port'], [10, 0, 'starboard'], [5, 10, 'starboard'], [5, 10, 'port']]));
    }

    public function testAtANewEngineWhoeverWaitedLongestTakesOver(): void
    {
        self::assertSame([0 => [1], 1 => [2], 2 => [2]], self::assigned(2, [[10, 0, 'port'], [4, 0, 'starboard'], [5, 12, 'centre']]));
    }

    public function testWhatTakesTwoHasBothHandsAndWhatNobodyHoldsHasNone(): void
    {
        self::assertSame([0 => [1, 2]], self::assigned(2, [[10, 0, 'port', 2], [0, 10, 'port', 0]]));
    }

    /**
     * @param list<array{0: int, 1: int, 2: string, 3?: int}> $works minutes, start, engine, hands
     *
     * @return array<int, list<int>>
     */
    private static function assigned(int $technicians, array $works): array
    {
        $activities = array_map(static fn (array $work, int $index): Activity => new Activity((string) $index, $work[0], 0, ['hands' => $work[3] ?? 1], [], []), $works, array_keys($works));

        return (new HandsAssigner($technicians))->assign($activities, array_column($works, 1), array_column($works, 2));
    }
}
