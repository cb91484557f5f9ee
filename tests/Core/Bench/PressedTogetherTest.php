<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Bench;

use FreshTack\Core\Bench\BenchStep;
use FreshTack\Core\Bench\IssuedOrder;
use FreshTack\Core\Bench\IssuedPart;
use FreshTack\Core\Bench\IssuedUse;
use FreshTack\Core\Bench\IssuedWork;
use FreshTack\Core\Bench\NotYet;
use FreshTack\Core\Bench\PressedTogether;
use FreshTack\Core\Plan\Effect;
use FreshTack\Core\Plan\Gate;
use FreshTack\Core\Plan\PlannedWork;
use FreshTack\Core\Plan\Position;
use FreshTack\Core\Plan\Rig;
use FreshTack\Core\Plan\WorkId;
use FreshTack\Tests\Support\BenchDay;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PressedTogetherTest extends TestCase
{
    /** @return iterable<string, array{list<list<BenchStep>>, list<string>}> operations with their steps, and what goes with the first */
    public static function runs(): iterable
    {
        yield 'plain ones of one operation' => [[[self::step('a'), self::step('b')]], ['b']];
        yield 'across operations of one engine' => [[[self::step('a')], [self::step('b')]], ['b']];
        yield 'not at another engine' => [[[self::step('a')], [self::step('b', position: Position::Starboard)]], []];
        yield 'what must be done stands alone' => [[[self::step('a', must: true), self::step('b')]], []];
        yield 'and ends what comes before it' => [[[self::step('a'), self::step('b', must: true), self::step('c')]], []];
        yield 'what is measured is none of it' => [[[self::step('a'), self::step('b', 'measured')]], []];
        yield 'a drain opens, and its operation goes on' => [[[self::step('a', effects: [Effect::DrainOpened]), self::step('b')]], ['b']];
        yield 'but the next one does not' => [[[self::step('a', effects: [Effect::DrainOpened])], [self::step('b')]], []];
        yield 'after a start nothing comes in the same breath' => [[[self::step('a', effects: [Effect::Started]), self::step('b')]], []];
        yield 'wiping opens nothing' => [[[self::step('a', effects: [Effect::OilWiped])], [self::step('b')]], ['b']];
    }

    /**
     * @param list<list<BenchStep>> $works
     * @param list<string>          $with
     */
    #[DataProvider('runs')]
    public function testPlainStepsThatFollowEachOtherAreCheckedByOnePress(array $works, array $with): void
    {
        $order = self::order($works);

        self::assertSame($with, (new PressedTogether($order, self::free($order)))->after($order->steps[0]));
    }

    /** @return iterable<string, array{NotYet|null, list<string>}> what speaks against the second of three */
    public static function barred(): iterable
    {
        yield 'nothing' => [null, ['b', 'c']];
        yield 'one that comes before it' => [NotYet::missing(Gate::LockedOut, '', self::step('a')), ['b', 'c']];
        yield 'something else' => [NotYet::missing(Gate::LockedOut, '', self::step('z')), []];
        yield 'a part that nobody held' => [NotYet::notHeld(['QV-1']), []];
        yield 'time' => [NotYet::resting('', new \DateTimeImmutable('10:30'), new \DateTimeImmutable('10:00')), []];
    }

    /** @param list<string> $with */
    #[DataProvider('barred')]
    public function testWhatMayNotFollowEndsTheRun(?NotYet $notYet, array $with): void
    {
        $order = self::order([[self::step('a'), self::step('b'), self::step('c')]]);

        self::assertSame($with, (new PressedTogether($order, ['b' => $notYet] + self::free($order)))->after($order->steps[0]));
    }

    public function testWhatIsAnsweredIsLeftOut(): void
    {
        $order = self::order([[self::step('a'), self::step('b'), self::step('c')]]);
        $open = array_diff_key(self::free($order), ['b' => true]);

        self::assertSame([], (new PressedTogether($order, $open))->after($order->steps[0]));
        self::assertSame([], (new PressedTogether($order, $open))->after($order->steps[1]));
    }

    public function testAStepAtWhichAPartIsAskedAboutStandsAlone(): void
    {
        $steps = [self::step('a'), self::step('b')];
        $order = self::order(
            [$steps],
            [new IssuedPart('QV-1', [new IssuedUse(Position::Port, new WorkId(Position::Port, 'work-0'), 1, true)])],
        );

        self::assertSame([], (new PressedTogether($order, self::free($order)))->after($order->steps[0]));
    }

    public function testARestThatIsOverGoesWithItsReading(): void
    {
        $rest = self::step('rest', effects: [Effect::Rested]);
        $order = self::order([[$rest, self::step('other', 'level', position: Position::Starboard), self::step('read', 'level')]]);
        $read = $order->steps[2];
        $open = self::free($order);

        self::assertSame(['rest'], (new PressedTogether($order, $open))->before($read));
        $waits = ['read' => NotYet::missing(Gate::Rested, '', $rest)] + $open;
        self::assertSame(['rest'], (new PressedTogether($order, $waits))->before($read), 'it waits for that alone');
        self::assertSame([], (new PressedTogether($order, $open))->before($order->steps[1]), 'of another engine');
        $more = ['read' => NotYet::missing(Gate::NotRunning, '', self::step('stop'))] + $open;
        self::assertSame([], (new PressedTogether($order, $more))->before($read), 'it waits for more');
        $running = ['rest' => NotYet::notHeld(['x'])] + $open;
        self::assertSame([], (new PressedTogether($order, $running))->before($read), 'it is not over');
        self::assertSame([], (new PressedTogether($order, array_diff_key($open, ['rest' => true])))->before($read), 'it is entered');
    }

    /** @return iterable<string, array{list<list<BenchStep>>, int, list<string>}> operations with their steps, the place of a figure, and what is entered with it */
    public static function figures(): iterable
    {
        yield 'what leads up to a torque' => [[[self::step('a'), self::step('b'), self::step('c', 'torque', true)]], 2, ['a', 'b']];
        yield 'not from another operation' => [[[self::step('a')], [self::step('b'), self::step('c', 'torque')]], 2, ['b']];
        yield 'not what must be done' => [[[self::step('a', must: true), self::step('b', 'fasteners')]], 1, []];
        yield 'what opens something and is seen at once' => [[[self::step('a', effects: [Effect::GearOpened]), self::step('b', 'measured')]], 1, ['a']];
        yield 'not a start' => [[[self::step('a', effects: [Effect::Started]), self::step('b', 'measured')]], 1, []];
        yield 'a look may stop the work: it stands alone' => [[[self::step('a'), self::step('b', 'leaks')]], 1, []];
        yield 'a plain step is no figure' => [[[self::step('a'), self::step('b')]], 1, []];
    }

    /**
     * @param list<list<BenchStep>> $works
     * @param list<string>          $with
     */
    #[DataProvider('figures')]
    public function testAFigureIsEnteredWithWhatLeadsUpToIt(array $works, int $place, array $with): void
    {
        $order = self::order($works);

        self::assertSame($with, (new PressedTogether($order, self::free($order)))->before($order->steps[$place]));
    }

    public function testNothingIsEnteredWithAFigureThatWaitsForSomethingElse(): void
    {
        $order = self::order([[self::step('a'), self::step('b', 'torque')]]);
        $free = self::free($order);
        $itself = ['b' => NotYet::missing(Gate::LockedOut, '', self::step('a'))] + $free;
        $other = ['b' => NotYet::missing(Gate::LockedOut, '', self::step('z'))] + $free;
        $leading = ['a' => NotYet::missing(Gate::LockedOut, '', self::step('z'))] + $free;

        self::assertSame(['a'], (new PressedTogether($order, $itself))->before($order->steps[1]));
        self::assertSame([], (new PressedTogether($order, $other))->before($order->steps[1]));
        self::assertSame([], (new PressedTogether($order, $leading))->before($order->steps[1]));
    }

    /** Whatever is offered together can be entered together, all through the day of a twin. */
    public function testWhatIsPressedTogetherIsTaken(): void
    {
        $day = BenchDay::ofTwin();
        while ([] !== $day->openSteps()) {
            $first = $day->mayBeDone()[0];
            $together = new PressedTogether($day->order, $day->open());
            $run = $together->after($first);
            foreach ($day->order->steps as $step) {
                if (\in_array($first->id, $together->before($step), true) && !$step->asksForLevel()) {
                    $run = [];
                    array_map($day->tick(...), $together->before($step));
                    $first = $step;
                    break;
                }
            }
            $day->usual($first);
            foreach ($run as $id) {
                $day->tick($id);
            }
        }
        self::assertSame([], $day->log->outcomes()->unfit(Position::Port));
    }

    /** @param list<Effect> $effects */
    private static function step(
        string $id,
        string $entry = 'tick',
        bool $must = false,
        array $effects = [],
        Position $position = Position::Port,
    ): BenchStep {
        return new BenchStep($id, $position, $position->label(), $id, $entry, $must, null, null, null, null, $effects);
    }

    /**
     * @param list<list<BenchStep>> $works
     * @param list<IssuedPart>      $parts
     */
    private static function order(array $works, array $parts = []): IssuedOrder
    {
        $issued = array_map(static fn (array $steps, int $number): IssuedWork => new IssuedWork(
            new PlannedWork(new WorkId($steps[0]->position ?? null, 'work-'.$number), 'work'),
            null,
            $steps,
            true,
        ), $works, array_keys($works));

        return new IssuedOrder(new Rig([Position::Port, Position::Starboard], false), $issued, [], [], $parts);
    }

    /** @return array<string, null> */
    private static function free(IssuedOrder $order): array
    {
        return array_fill_keys(array_column($order->steps, 'id'), null);
    }
}
