<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Order;

use Eris\Generators;
use Eris\TestTrait;
use FreshTack\Core\Order\HandStep;
use FreshTack\Core\Order\OrderedOperation;
use FreshTack\Core\Order\WorkOrder;
use FreshTack\Core\Plan\Effort;
use FreshTack\Core\Plan\Gate;
use FreshTack\Core\Plan\RefusedMove;
use FreshTack\Core\Plan\TimelineEntry;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Core\SpecBook\Task;
use FreshTack\Tests\Support\Book;
use FreshTack\Tests\Support\Requests;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Orders changed by hand: works moved, steps added. */
final class ByHandTest extends TestCase
{
    use TestTrait;

    private const TASKS = ['engine_oil', 'oil_filter', 'spark_plugs', 'gear_lubricant', 'lubrication', 'inspection'];

    public function testAWorkIsMovedBeforeAnotherAndTheRestFollows(): void
    {
        self::assertGreaterThan(self::start(self::workboat(), 'single.warm-up'), self::start(self::workboat(), 'single.inspect'));

        $moved = self::workboat([['single.inspect', 'single.warm-up']]);
        self::assertLessThanOrEqual(self::start($moved, 'single.warm-up'), self::end($moved, 'single.inspect'));
        self::assertSame([], $moved->refused);
    }

    public function testWhatAWorkNeedsIsMovedAlongWithIt(): void
    {
        $moved = self::workboat([['single.gear-fill', 'single.grease']]);

        self::assertLessThanOrEqual(self::start($moved, 'single.grease'), self::end($moved, 'single.gear-drain'));
    }

    public function testWhatIsMovedBeforeTheOpenDrainIsDoneBeforeTheEngineIsWarm(): void
    {
        $moved = self::workboat([['single.inspect', 'single.drain-plug']]);

        self::assertLessThanOrEqual(self::start($moved, 'single.warm-up'), self::end($moved, 'single.inspect'));
    }

    /** @return iterable<string, array{string, string, Gate, string}> work, before, what stands against it */
    public static function forbidden(): iterable
    {
        yield 'oil into an open drain' => ['single.fill', 'single.close-plug', Gate::DrainShut, 'the drain is closed'];
        yield 'a filter on an old gasket' => [
            'single.filter-on',
            'single.filter-off',
            Gate::OldGasketSeen,
            'the old filter\'s gasket was seen off the engine',
        ];
        yield 'a cowl on before the run' => ['single.cowl-on', 'single.run', Gate::Shut, 'first close the side panel'];
        yield 'plugs out behind a closed cover' => [
            'single.plugs-out',
            'single.plug-cover-off',
            Gate::Opened,
            'lies behind the plug cover, which is not open',
        ];
    }

    #[DataProvider('forbidden')]
    public function testTheGateThatRefusesAMoveIsNamedAndNothingChanges(string $work, string $before, Gate $gate, string $why): void
    {
        $order = self::workboat([[$work, $before]]);

        self::assertSame([$gate], array_map(static fn (RefusedMove $refused): ?Gate => $refused->gate, $order->refused));
        self::assertStringContainsString($why, $order->refused[0]->why ?? '');
        self::assertSame(self::ids(self::workboat()), self::ids($order));
    }

    public function testOfTwoWishesThatContradictEachOtherTheEarlierCounts(): void
    {
        $order = self::workboat([['single.grease', 'single.inspect'], ['single.inspect', 'single.grease']]);

        self::assertLessThanOrEqual(self::start($order, 'single.inspect'), self::end($order, 'single.grease'));
        self::assertSame(
            [[null, 'single.inspect']],
            array_map(static fn (RefusedMove $refused): array => [$refused->gate, $refused->move->work->text], $order->refused),
        );
    }

    public function testAMovedWorkThatIsNoLongerPickedIsSaid(): void
    {
        $refused = Requests::build(self::request(['engine_oil'], [['single.grease', 'single.fill']]))->refused;

        self::assertSame(['What was moved is no longer part of this order.'], array_map(static fn (RefusedMove $each): string => $each->why, $refused));
    }

    public function testAnAddedStepStandsBehindWhatItFollowsWithItsCautions(): void
    {
        $order = self::workboat([], [['hand-1', 'single.drain-plug', 'Photograph the weld beside the drain.', 4]]);
        $step = array_values(array_filter($order->operations, static fn (OrderedOperation $operation): bool => 'single.hand-1' === $operation->id()))[0];
        $drain = array_values(array_filter($order->operations, static fn (OrderedOperation $operation): bool => 'single.drain-plug' === $operation->id()))[0];

        self::assertSame('Photograph the weld beside the drain.', $step->steps[0]->words->text);
        self::assertSame($drain->operation->doing->outfit->cautions, $step->operation->doing->outfit->cautions);
        self::assertGreaterThanOrEqual(
            self::end($order, 'single.drain-plug') - $drain->work->hands->unattendedMin,
            self::start($order, 'single.hand-1'),
        );
        self::assertLessThan(self::start($order, 'single.panel-on'), self::start($order, 'single.hand-1'), 'behind the same covers');
        self::assertSame(self::workboat()->labour->handsOn->count + 4, $order->labour->handsOn->count);
    }

    /** The book's own "hand-back" only sounds like it. */
    public function testWhatTheBookCallsHandBackIsNotAddedByHand(): void
    {
        $order = self::workboat();
        $ids = array_map(static fn (OrderedOperation $operation): string => $operation->operation->id, $order->operations);

        self::assertContains('hand-back', $ids);
        self::assertSame([], array_filter($order->operations, static fn (OrderedOperation $operation): bool => $operation->isByHand()));
        self::assertSame(0, $order->byHand()->count);
    }

    public function testAStepForTheWholeRigIsDoneOnceHoweverManyEngines(): void
    {
        $order = Requests::build([...Requests::twin(), 'byHand' => self::byHand([], [['hand-7', 'rig.close-out', 'Wash the deck down.', 10]])]);
        $ids = self::ids($order);

        self::assertSame(['rig.close-out', 'rig.hand-7'], \array_slice($ids, -2));
        self::assertCount(1, array_keys($ids, 'rig.hand-7', true));
    }

    public function testAStepWhoseOperationIsGoneIsLeftOutAndSaid(): void
    {
        $order = Requests::build(self::request(['engine_oil'], [], [['hand-1', 'single.grease', 'Look at the old nipple.', 2]]));

        self::assertSame(['hand-1'], array_map(static fn (HandStep $step): string => $step->id, $order->lost));
        self::assertNotContains('single.hand-1', self::ids($order));
    }

    /** @return iterable<string, array{array<mixed>, string}> */
    public static function unreadable(): iterable
    {
        yield 'a work on the whole rig' => [
            self::byHand([['rig.place', 'rig.close-out']]),
            'Work on the whole rig keeps its place: move what is done at an engine.',
        ];
        yield 'a step without words' => [self::byHand([], [['hand-1', 'single.fill', '', 2]]), 'This is needed.'];
        yield 'a step of two days' => [self::byHand([], [['hand-1', 'single.fill', 'Wait.', 2880]]), 'This must be a whole number from 0 to 480.'];
        yield 'one id for two steps' => [self::byHand([], [['hand-1', 'single.fill', 'One.', 1], ['hand-1', 'single.fill', 'Two.', 1]]), 'Two added steps can\'t have the same id.'];
        yield 'a foreign id' => [self::byHand([], [['fill', 'single.fill', 'One.', 1]]), 'This must be "hand-" and a number.'];
        yield 'a step that follows nothing' => [self::byHand([], [['hand-1', 'fill', 'One.', 1]]), 'Say which operation it follows.'];
    }

    /** @param array<mixed> $byHand */
    #[DataProvider('unreadable')]
    public function testWhatCanNotBeMeantIsRefusedAtItsPlace(array $byHand, string $why): void
    {
        $this->expectException(InvalidDocument::class);
        $this->expectExceptionMessage($why);

        Requests::build([...Requests::twin(), 'byHand' => $byHand]);
    }

    /** Whatever is moved: the gates hold (the builder replays them), and each wish is met or refused with a reason. */
    public function testAnyMoveIsMetOrRefused(): void
    {
        $rigs = [['D65', 'D65-3308', 'dunmarrow-d65'], ['K85', 'KM2-5120', 'kestrane-k85'], ['D12', 'D12-4471', 'dunmarrow-d12'], ['K165', 'KS4-10412', 'kestrane-k165-early']];
        $tasks = array_column(Task::cases(), 'value');
        $this->limitTo(80)->forAll(
            Generators::choose(0, \count($rigs) - 1),
            Generators::choose(1, (1 << \count($tasks)) - 1),
            Generators::vector(6, Generators::tuple(Generators::nat(), Generators::nat())),
            Generators::vector(2, Generators::nat()),
            Generators::choose(1, 2),
        )->then(static function (int $rig, int $bits, array $pairs, array $anchors, int $technicians) use ($rigs, $tasks): void {
            /** @var list<array{int, int}> $pairs */
            /** @var list<int> $anchors */
            $picked = array_values(array_filter($tasks, static fn (int $place): bool => 1 === (($bits >> $place) & 1), \ARRAY_FILTER_USE_KEY));
            $request = [...Requests::single(...[...$rigs[$rig], $picked]), 'technicians' => $technicians];
            $ids = self::movable(Requests::build($request));
            if ([] === $ids) {
                return;
            }
            $id = static fn (int $number): string => $ids[$number % \count($ids)];
            $moves = array_map(static fn (array $pair): array => [$id($pair[0]), $id($pair[1])], $pairs);
            $steps = array_map(static fn (int $anchor, int $place): array => ["hand-$place", $id($anchor), 'Look again.', 3], $anchors, array_keys($anchors));

            self::assertMetOrRefused(Requests::build([...$request, 'byHand' => self::byHand($moves, $steps)]));
        });
    }

    public function testMovesInWhichMostWaysGetStuckAreMetAllTheSame(): void
    {
        // with the plugs out nobody closes the anodes, which wait for the plugs to be read
        $moves = [
            ['single.plugs-read', 'single.propeller-off'], ['single.guard-off', 'single.lower-unit-off'],
            ['single.valve-cover-off', 'single.anodes-out'], ['single.plugs-read', 'single.anodes-in'],
            ['single.anodes-in', 'single.lower-unit-off'], ['single.plug-cover-off', 'single.propeller-off'],
        ];
        $steps = [['hand-0', 'single.valve-cover-off', 'Look again.', 3], ['hand-1', 'single.plugs-read', 'Look again.', 3]];
        $tasks = [
            'oil_filter', 'spark_plugs', 'propeller_shaft', 'water_pump', 'external_anodes', 'internal_anodes', 'thermostats',
            'timing_belt', 'valve_clearance', 'inspection',
        ];
        $request = [...Requests::single('D65', 'D65-3308', 'dunmarrow-d65', $tasks), 'technicians' => 2];
        foreach ([Effort::Quick, Effort::Preview] as $effort) {
            self::assertMetOrRefused(Requests::build([...$request, 'byHand' => self::byHand($moves, $steps)], $effort));
        }
    }

    private static function assertMetOrRefused(WorkOrder $order): void
    {
        $refused = array_map(static fn (RefusedMove $each): object => $each->move, $order->refused);
        foreach ($order->request->wishes->byHand->all as $move) {
            if (!\in_array($move, $refused, true)) {
                $work = self::entry($order, $move->work->text);
                self::assertLessThanOrEqual(
                    self::start($order, $move->before->text),
                    $work->heldEndMin,
                    $move->work->text.' before '.$move->before->text,
                );
            }
        }
        self::assertSame([], array_filter($order->refused, static fn (RefusedMove $each): bool => '' === $each->why));
    }

    /** @return list<string> what may be moved: works at the engine that are no lockout and no change of attitude */
    private static function movable(WorkOrder $order): array
    {
        $works = array_filter(
            $order->operations,
            static fn (OrderedOperation $operation): bool => null !== $operation->position && null === $operation->operation->calling->mode,
        );

        return array_values(array_map(static fn (OrderedOperation $operation): string => $operation->id(), $works));
    }

    /**
     * @param list<array{string, string}>              $moves
     * @param list<array{string, string, string, int}> $steps
     */
    private static function workboat(array $moves = [], array $steps = []): WorkOrder
    {
        return Requests::build(self::request(self::TASKS, $moves, $steps), Effort::Preview);
    }

    /**
     * @param list<string>                             $tasks
     * @param list<array{string, string}>              $moves
     * @param list<array{string, string, string, int}> $steps
     *
     * @return array<mixed>
     */
    private static function request(array $tasks, array $moves = [], array $steps = []): array
    {
        return Book::with(Requests::single('D65', 'D65-3308', 'dunmarrow-d65', $tasks), ['byHand'], self::byHand($moves, $steps));
    }

    /**
     * @param list<array{string, string}>              $moves
     * @param list<array{string, string, string, int}> $steps
     *
     * @return array<mixed>
     */
    private static function byHand(array $moves, array $steps = []): array
    {
        return [
            'moves' => array_map(static fn (array $move): array => array_combine(['work', 'before'], $move), $moves),
            'steps' => array_map(static fn (array $step): array => array_combine(['id', 'after', 'text', 'attendedMin'], $step), $steps),
        ];
    }

    /** @return list<string> */
    private static function ids(WorkOrder $order): array
    {
        return array_map(static fn (OrderedOperation $operation): string => $operation->id(), $order->operations);
    }

    private static function start(WorkOrder $order, string $id): int
    {
        return self::entry($order, $id)->startMin;
    }

    private static function end(WorkOrder $order, string $id): int
    {
        return self::entry($order, $id)->endMin;
    }

    private static function entry(WorkOrder $order, string $id): TimelineEntry
    {
        return array_column(array_map(static fn (TimelineEntry $entry): array => [$entry->id(), $entry], $order->timeline->entries), 1, 0)[$id] ?? self::fail("There is no $id in the plan.");
    }
}
