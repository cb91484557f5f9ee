<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Bench;

use FreshTack\Core\Bench\BenchStep;
use FreshTack\Core\Bench\CautionSpans;
use FreshTack\Core\Bench\EntryContent;
use FreshTack\Core\Bench\InvalidEntry;
use FreshTack\Core\Bench\IssuedOrder;
use FreshTack\Core\Bench\IssuedWork;
use FreshTack\Core\Plan\Changes;
use FreshTack\Core\Plan\Effect;
use FreshTack\Core\Plan\PlannedWork;
use FreshTack\Core\Plan\Position;
use FreshTack\Core\Plan\Rig;
use FreshTack\Core\Plan\WorkId;
use FreshTack\Tests\Support\BenchDay;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class CautionSpansTest extends TestCase
{
    /** @return iterable<string, array{list<array{Position|null, list<Effect>}>, bool, list<string>}> works, whether keys are shared, spans */
    public static function plans(): iterable
    {
        $port = static fn (Effect ...$effects): array => [Position::Port, array_values($effects)];
        $starboard = static fn (Effect ...$effects): array => [Position::Starboard, array_values($effects)];

        yield 'a lockout begins one' => [
            [$port(), $port(Effect::LockedOut), $port(), $port(Effect::LockoutLifted), $port(Effect::LockedOut)],
            false,
            ['port 0', 'port 1', 'port 1', 'port 1', 'port 2'],
        ];
        yield 'power for the tilt switch alone does not' => [
            [$port(Effect::LockedOut), $port(Effect::Powered, Effect::LockedOut), $port()],
            false,
            ['port 1', 'port 1', 'port 1'],
        ];
        yield 'each engine has its own' => [
            [$port(Effect::LockedOut), $starboard(), $starboard(Effect::LockedOut)],
            false,
            ['port 1', 'starboard 0', 'starboard 1'],
        ];
        yield 'where keys are shared, one lockout is one of all' => [
            [$port(Effect::LockedOut), $starboard(), $starboard(Effect::LockoutLifted), $starboard(Effect::LockedOut), $port()],
            true,
            ['port 1', 'starboard 1', 'starboard 1', 'starboard 2', 'port 2'],
        ];
        yield 'the whole rig has its own, and locks all engines out' => [
            [[null, []], [null, [Effect::LockedOut]], $port()],
            false,
            ['0', '1', 'port 1'],
        ];
    }

    /**
     * @param list<array{Position|null, list<Effect>}> $works
     * @param list<string>                             $spans
     */
    #[DataProvider('plans')]
    public function testASpanGoesFromOneLockoutToTheNext(array $works, bool $shared, array $spans): void
    {
        $issued = array_map(static function (array $each, int $number): IssuedWork {
            [$position, $effects] = $each;
            $step = new BenchStep('step-'.$number, $position, '', '', 'tick', true, null, null, null, null, $effects);

            $work = new PlannedWork(new WorkId($position, 'work-'.$number), 'work', changes: new Changes($effects));

            return new IssuedWork($work, null, [$step], true);
        }, $works, array_keys($works));
        $order = new IssuedOrder(new Rig([Position::Port, Position::Starboard], $shared), $issued, [], []);

        self::assertSame($spans, array_map((new CautionSpans($order))->of(...), $order->steps));
    }

    public function testTheyAreReadByEachPersonAndForEachLockout(): void
    {
        $day = BenchDay::ofTwin();
        $spans = new CautionSpans($day->order);
        $first = $this->firstOf($day, $spans, 'port 1');
        $day->until($first->id)->enter($first->id, EntryContent::acknowledged());

        self::assertSame(['port 1' => true], $spans->readBy('ada', $day->log));
        self::assertSame([], $spans->readBy('teo', $day->log), 'who takes the tablet over reads them again');
        self::assertNull($day->log->answer($first->id), 'nothing is done by reading');
    }

    public function testThatTheyWereReadIsNotTakenBack(): void
    {
        $day = BenchDay::ofTwin();
        $first = $day->order->steps[0];
        $day->enter($first->id, EntryContent::acknowledged());

        $this->expectException(InvalidEntry::class);
        $day->correct($day->log->entries[0], EntryContent::tick());
    }

    private function firstOf(BenchDay $day, CautionSpans $spans, string $span): BenchStep
    {
        return array_values(array_filter($day->order->steps, static fn (BenchStep $step): bool => $span === $spans->of($step)))[0];
    }
}
