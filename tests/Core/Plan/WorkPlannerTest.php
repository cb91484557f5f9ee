<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Plan;

use FreshTack\Core\Order\EngineOrder;
use FreshTack\Core\Order\WorkOrder;
use FreshTack\Core\Plan\Attitude;
use FreshTack\Core\Plan\Effort;
use FreshTack\Core\Plan\Position;
use FreshTack\Core\Plan\Timeline;
use FreshTack\Core\Plan\TimelineEntry;
use FreshTack\Core\SpecBook\Task;
use FreshTack\Tests\Support\Book;
use FreshTack\Tests\Support\Requests;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Plans of whole orders; that the gates hold in them is tested with the builder. */
final class WorkPlannerTest extends TestCase
{
    private const RIGS = [
        'a dinghy' => [['single', 'D12', 'D12-4471', 'dunmarrow-d12']],
        'a launch' => [['single', 'D36', 'D36-61207', 'dunmarrow-d36']],
        'a workboat' => [['single', 'D65', 'D65-3308', 'dunmarrow-d65']],
        'a tender' => [['single', 'K48', 'KC1-1500', 'kestrane-k48-remote']],
        'the water taxi' => [['port', 'K165', 'KS4-10412', 'kestrane-k165-early'], ['starboard', 'K165', 'KS4-20977', 'kestrane-k165-late']],
        'the oyster twins' => [['port', 'D130', 'DL2-40071', 'dunmarrow-d130-dl2'], ['starboard', 'D130', 'DL2-40072', 'dunmarrow-d130-dl2']],
        'the survey boat' => [['port', 'K85', 'KM2-5120', 'kestrane-k85'], ['centre', 'K85', 'KM2-5121', 'kestrane-k85'], ['starboard', 'K85', 'KM2-5125', 'kestrane-k85']],
        'the patrol boat' => [['port_outer', 'K240', 'KT6-15101', 'kestrane-k240-early'], ['port_inner', 'K240', 'KT6-15102', 'kestrane-k240-early'], ['starboard_inner', 'K240', 'KT6-15103', 'kestrane-k240-early'], ['starboard_outer', 'K240', 'KT6-20417', 'kestrane-k240-late']],
        'five engines' => [['port_outer', 'K320', 'KT6-30001', 'kestrane-k320'], ['port', 'K320', 'KT6-30002', 'kestrane-k320'], ['centre', 'K320', 'KT6-30003', 'kestrane-k320'], ['starboard', 'K320', 'KT6-30004', 'kestrane-k320'], ['starboard_outer', 'K320', 'KT6-30005', 'kestrane-k320']],
    ];

    /** By kind of job: tenths of a percent above a time that no plan can beat, at most. */
    private const GAPS = ['1' => 50, 'everything, 2' => 145, 'a service, 2' => 190, 'oil and filter, 2' => 230];
    private const SERVICE = ['engine_oil', 'oil_filter', 'gear_lubricant', 'spark_plugs', 'inspection', 'lubrication'];

    /** @var array<string, WorkOrder> what was planned already */
    private static array $orders = [];

    public static function tearDownAfterClass(): void
    {
        self::$orders = [];
    }

    /** @return array<string, list<string>> tasks by kind of job */
    private static function kinds(): array
    {
        return [
            'oil and filter' => ['engine_oil', 'oil_filter'],
            'a service' => self::SERVICE,
            'everything' => array_column(Task::cases(), 'value'),
        ];
    }

    /** @return iterable<string, array{string, list<string>, int, int}> rig, tasks, technicians, most tenths of a percent above the bound */
    public static function jobs(): iterable
    {
        foreach (array_keys(self::RIGS) as $rig) {
            foreach ([1, 2] as $technicians) {
                foreach (self::kinds() as $kind => $tasks) {
                    $most = self::GAPS[1 === $technicians ? '1' : "$kind, $technicians"];
                    yield "$rig, $kind, $technicians" => [$rig, $tasks, $technicians, $most];
                }
            }
        }
    }

    /** @param list<string> $tasks */
    #[DataProvider('jobs')]
    public function testAPlanIsNearWhatNoPlanCanBeat(string $rig, array $tasks, int $technicians, int $most): void
    {
        $timeline = self::order($rig, $tasks, $technicians, Effort::Full)->timeline;

        self::assertGreaterThanOrEqual($timeline->boundMin, $timeline->elapsedMin);
        self::assertLessThanOrEqual($most, $timeline->gapPermille(), 'tenths of a percent above the bound');
        self::assertIsNoWorse(self::order($rig, $tasks, $technicians, Effort::Preview)->timeline, $timeline);
    }

    /** What less effort found, more effort has found too: it is shorter, or calmer and hardly longer. */
    private static function assertIsNoWorse(Timeline $less, Timeline $more): void
    {
        self::assertLessThanOrEqual(1020 * $less->elapsedMin, 1000 * $more->elapsedMin);
        if ($more->elapsedMin > $less->elapsedMin) {
            self::assertLessThan($less->changes(), $more->changes(), 'longer, and not calmer');
        }
    }

    public function testWhatWouldEndTooLateIsNotBegunBeforeWhatGoesOnSoon(): void
    {
        // no order of its works takes less than 197; of 60 000 plans that begin whatever can be begun none took less than 204
        $timeline = self::order('a workboat', self::SERVICE, 1, Effort::Full)->timeline;
        self::assertSame(197, $timeline->boundMin);
        self::assertLessThan(204, $timeline->elapsedMin);
    }

    public function testTheTwinsServiceIsCalmForOneTechnician(): void
    {
        $timeline = self::order('the water taxi', array_column(Task::cases(), 'value'), 1, Effort::Full)->timeline;

        self::assertLessThanOrEqual(12, $timeline->changes(), 'changes of place');
        self::assertLessThanOrEqual(40, $timeline->gapPermille());
    }

    /** @return iterable<string, array{string}> rigs whose engines need the same on both sides */
    public static function symmetric(): iterable
    {
        yield 'two' => ['the oyster twins'];
        yield 'three' => ['the survey boat'];
        yield 'five' => ['five engines'];
    }

    #[DataProvider('symmetric')]
    public function testEnginesThatNeedTheSameAreBegunFromPort(string $rig): void
    {
        foreach ([1, 2] as $technicians) {
            $order = self::order($rig, ['engine_oil', 'gear_lubricant', 'spark_plugs'], $technicians, Effort::Preview);
            $positions = array_map(static fn (EngineOrder $engine): Position => $engine->position, $order->engines);
            $first = array_values(array_filter(array_map(
                static fn (TimelineEntry $entry): ?Position => $entry->work->position,
                $order->timeline->entries,
            )))[0];

            self::assertLessThanOrEqual(intdiv(\count($positions), 2), array_search($first, $positions, true));
        }
    }

    public function testMinutesFollowWhatTheyCount(): void
    {
        $minutes = static fn (string $model, string $serial, string $sheet): array => array_map(
            static fn (TimelineEntry $entry): int => $entry->work->hands->handsOnMin,
            array_values(array_filter(
                Requests::build(Requests::single($model, $serial, $sheet, ['spark_plugs']))->timeline->entries,
                static fn (TimelineEntry $entry): bool => 'plugs-new' === $entry->work->id->operation,
            )),
        );

        // three minutes, and one for each plug: the D12 has two, the K240 six
        self::assertSame([[5], [9]], [$minutes('D12', 'D12-4471', 'dunmarrow-d12'), $minutes('K240', 'KT6-15101', 'kestrane-k240-early')]);
    }

    public function testWithSharedKeysNobodyWorksWhileANeighbourCanStart(): void
    {
        $engines = array_map(
            static fn (array $engine): array => Requests::engine(...[...$engine, ['engine_oil']]),
            self::RIGS['the oyster twins'],
        );
        $request = Book::with(Requests::rig($engines), ['technicians'], 2);
        $apart = Requests::build($request, Effort::Preview)->timeline->elapsedMin;

        // the gates are asked of it while it is built
        self::assertGreaterThan($apart, Requests::build([...$request, 'sharedLockout' => true], Effort::Preview)->timeline->elapsedMin);
    }

    public function testARunningEngineIsPresenceAndNeitherWorkNorWait(): void
    {
        $timeline = self::order('the water taxi', ['engine_oil'], 1, Effort::Preview)->timeline;
        $run = self::entry($timeline->entries, 'port.run');

        // the sheet asks for 7 minutes before a reading
        self::assertSame([7, 0], [$run->work->hands->presenceMin, $run->work->hands->unattendedMin]);
        self::assertSame([], $timeline->fills($run));
        // twice 5 min until it is warm and 7 min before the reading
        self::assertSame(24, $timeline->presenceMin());
    }

    public function testOneEngineIsWorkedOnWhileAnotherRests(): void
    {
        $timeline = self::order('the water taxi', ['engine_oil', 'oil_filter'], 1, Effort::Full)->timeline;
        $rest = self::entry($timeline->entries, 'port.rest');
        $starboard = array_filter($timeline->fills($rest), static fn (string $id): bool => str_starts_with($id, 'starboard.'));

        self::assertNotSame([], $starboard);
        self::assertLessThan($timeline->handsOnMin() + 120, $timeline->elapsedMin, 'shorter than hands and waits one behind the other');
    }

    public function testASecondPairOfHandsShortensTheWork(): void
    {
        $tasks = array_column(Task::cases(), 'value');

        self::assertLessThan(self::order('the water taxi', $tasks, 1, Effort::Preview)->timeline->elapsedMin * 3 / 4, self::order('the water taxi', $tasks, 2, Effort::Preview)->timeline->elapsedMin);
    }

    public function testWhatTakesTwoCallsAHelperWhereThereIsOne(): void
    {
        $helper = static fn (int $technicians): bool => self::entry(self::order('a workboat', ['water_pump'], $technicians, Effort::Quick)->timeline->entries, 'single.lower-unit-off')->helper;

        self::assertSame([true, false], [$helper(1), $helper(2)]);
    }

    public function testFromTheWarmingRunToTheOpenDrainTheSameHandsStayOn(): void
    {
        $timeline = self::order('the patrol boat', ['engine_oil', 'oil_filter'], 2, Effort::Full)->timeline;
        foreach (['port_outer', 'port_inner', 'starboard_inner', 'starboard_outer'] as $position) {
            $warm = self::entry($timeline->entries, $position.'.warm-up');
            $drains = array_values(array_filter($timeline->entries, static fn (TimelineEntry $entry): bool => str_starts_with($entry->id(), $position.'.drain-')));
            $gather = self::entry($timeline->entries, $position.'.gather');
            self::assertSame([$warm->technicians, $warm->technicians], [$gather->technicians, $drains[0]->technicians]);
            self::assertGreaterThanOrEqual($warm->endMin, $gather->startMin);
            self::assertSame($gather->endMin, $drains[0]->startMin);
            self::assertLessThanOrEqual(25, $drains[0]->startMin - $warm->endMin, 'the oil would be cold');
        }
    }

    public function testAnEngineLeavesAsItHangsOnTheRoadAndFreeToStart(): void
    {
        $timeline = self::order('the survey boat', ['engine_oil', 'gear_lubricant'], 1, Effort::Full)->timeline;
        foreach (['port', 'centre', 'starboard'] as $position) {
            $turns = array_values(array_filter(
                $timeline->entries,
                static fn (TimelineEntry $entry): bool => $position === $entry->work->position?->value
                    && null !== $entry->work->changes->turnsTo,
            ));
            self::assertSame(Attitude::Vertical, $turns[\count($turns) - 1]->work->changes->turnsTo);
            self::entry($timeline->entries, $position.'.hand-back');
        }
    }

    public function testWhatIsOpenIsClosedBeforeTheSameHandsGoOnElsewhereOnTheEngine(): void
    {
        $opened = ['anode-covers-off' => 'anode-covers-on', 'thermostat-off' => 'thermostat-on', 'propeller-off' => 'propeller-on'];
        // the grease points and the gearcase are elsewhere; a gearcase that drips already may be filled in between
        $elsewhere = ['grease', 'gear-fill', 'inspect'];
        foreach (['a workboat', 'the water taxi', 'the survey boat'] as $rig) {
            foreach ([Effort::Quick, Effort::Preview, Effort::Full] as $effort) {
                $entries = self::order($rig, array_column(Task::cases(), 'value'), 1, $effort)->timeline->entries;
                $starts = [];
                foreach ($entries as $entry) {
                    $starts[$entry->work->position->value ?? ''][$entry->work->id->operation] ??= $entry->startMin;
                }
                foreach ($starts as $position => $own) {
                    foreach (array_intersect_key($opened, $own) as $opener => $closer) {
                        $between = array_filter($own, static fn (int $minute): bool => $minute > $own[$opener] && $minute < $own[$closer]);
                        $drips = min($own['gear-drain'] ?? $own['gear-drain-behind'] ?? 0, $own[$opener]) < $own[$opener];
                        $strays = array_diff(array_intersect(array_keys($between), $elsewhere), $drips ? ['gear-fill'] : []);
                        self::assertSame([], $strays, "$rig, $position, after $opener");
                    }
                }
            }
        }
    }

    public function testOneTechnicianDoesNotLeaveAnEngineThatHeHasOpened(): void
    {
        foreach (['the water taxi', 'the oyster twins', 'the survey boat'] as $rig) {
            foreach (self::kinds() as $kind => $tasks) {
                $engines = [];
                foreach (self::order($rig, $tasks, 1, Effort::Full)->timeline->entries as $entry) {
                    $engines[$entry->work->position->value ?? ''][] = $entry;
                }
                unset($engines['']);
                // the gearcase of the K85 drips for thirteen minutes
                self::assertLessThan(15, max([0, ...array_values(array_map(self::leftOpen(...), $engines))]), "$rig, $kind");
            }
        }
    }

    public function testOilThatIsInIsReadSoon(): void
    {
        foreach (['the water taxi', 'the oyster twins', 'the survey boat', 'the patrol boat', 'five engines'] as $rig) {
            foreach ([self::SERVICE, array_column(Task::cases(), 'value')] as $tasks) {
                foreach ([1, 2] as $technicians) {
                    $settled = [];
                    foreach (self::order($rig, $tasks, $technicians, Effort::Full)->timeline->entries as $entry) {
                        $position = $entry->work->position->value ?? '';
                        match ($entry->work->id->operation) {
                            'first-rest' => $settled[$position] = $entry->endMin,
                            'first-reading' => self::assertLessThanOrEqual(
                                60 * $technicians,
                                $entry->startMin - ($settled[$position] ?? 0),
                                "$rig, $position, $technicians",
                            ),
                            default => null,
                        };
                    }
                    self::assertCount(\count(self::RIGS[$rig]), $settled);
                }
            }
        }
    }

    public function testLikeEnginesAreGoneThroughAlikeByOneTechnician(): void
    {
        foreach (['the oyster twins', 'the survey boat', 'the patrol boat', 'five engines'] as $rig) {
            foreach ([self::SERVICE, array_column(Task::cases(), 'value')] as $tasks) {
                $orders = [];
                foreach (self::order($rig, $tasks, 1, Effort::Full)->timeline->entries as $entry) {
                    $orders[$entry->work->position->value ?? ''][$entry->work->id->operation] ??= $entry->startMin;
                }
                unset($orders['']);
                $first = array_shift($orders) ?? [];
                foreach ($orders as $position => $own) {
                    self::assertLessThanOrEqual(80, self::otherwisePermille($first, $own), "$rig, $position");
                }
            }
        }
    }

    /**
     * @param array<string, int> $one   minute at which it begins, by operation
     * @param array<string, int> $other
     *
     * @return int thousandths: of the pairs that both know, those that come the other way round
     */
    private static function otherwisePermille(array $one, array $other): int
    {
        $both = array_keys(array_intersect_key($one, $other));
        $pairs = $otherwise = 0;
        foreach ($both as $place => $a) {
            foreach (\array_slice($both, $place + 1) as $b) {
                ++$pairs;
                $otherwise += ($one[$a] <=> $one[$b]) === -($other[$a] <=> $other[$b]) && $one[$a] !== $one[$b] ? 1 : 0;
            }
        }

        return 0 === $pairs ? 0 : intdiv(1000 * $otherwise, $pairs);
    }

    /**
     * @param list<TimelineEntry> $own of one engine, by their beginning
     *
     * @return int the longest time in minutes in which something other than a cover lay open and nobody was at the engine
     */
    private static function leftOpen(array $own): int
    {
        $longest = $until = 0;
        $open = [];
        foreach ($own as $entry) {
            $longest = [] === $open ? $longest : max($longest, $entry->startMin - $until);
            $until = max($until, $entry->startMin + $entry->work->hands->heldMin);
            $opens = $entry->work->changes->opens;
            $open = null === $opens || $opens->isCover() ? $open : [...$open, $opens->value => true];
            unset($open[$entry->work->changes->closes->value ?? '']);
        }

        return $longest;
    }

    public function testNothingIsSprayedBeforeTheEngineHasBeenLookedAllOver(): void
    {
        foreach (array_keys(self::RIGS) as $rig) {
            foreach ([1, 2] as $technicians) {
                $ends = [];
                $order = self::order($rig, array_column(Task::cases(), 'value'), $technicians, Effort::Preview);
                foreach ($order->timeline->entries as $entry) {
                    $ends[$entry->work->position->value ?? ''][$entry->work->id->operation] = [$entry->startMin, $entry->endMin];
                }
                foreach ($ends as $own) {
                    $looks = array_intersect_key($own, ['inspect' => true, 'anodes-out' => true, 'grease' => true]);
                    foreach (isset($own['protect']) ? $looks : [] as $look => [, $end]) {
                        self::assertGreaterThanOrEqual($end, $own['protect'][0], "$rig, $technicians: $look");
                    }
                }
            }
        }
    }

    public function testWorkThatCanWaitFillsTheRestAtTheEnd(): void
    {
        $timeline = self::order('a workboat', ['engine_oil', 'oil_filter', 'lubrication', 'inspection'], 1, Effort::Preview)->timeline;
        $waits = array_merge(...array_map(static fn (TimelineEntry $entry): array => $timeline->fills($entry), $timeline->entries));

        self::assertContains('single.grease', $waits);
        self::assertContains('single.inspect', $waits);
    }

    public function testTheSameWorkGivesTheSamePlan(): void
    {
        $plan = static fn (): array => array_map(static fn (TimelineEntry $entry): array => [$entry->id(), $entry->startMin, $entry->technicians], self::order('the oyster twins', ['engine_oil', 'gear_lubricant', 'water_pump'], 2, Effort::Full)->timeline->entries);

        self::assertSame($plan(), $plan());
    }

    /** @param list<string> $tasks */
    private static function order(string $rig, array $tasks, int $technicians, Effort $effort): WorkOrder
    {
        $key = implode(' ', [$rig, ...$tasks, $technicians, $effort->value]);
        if (!isset(self::$orders[$key])) {
            $engines = array_map(static fn (array $engine): array => Requests::engine(...[...$engine, $tasks]), self::RIGS[$rig] ?? []);
            self::$orders[$key] = Requests::build(Book::with(Requests::rig($engines), ['technicians'], $technicians), $effort);
        }

        return self::$orders[$key];
    }

    /** @param list<TimelineEntry> $entries */
    private static function entry(array $entries, string $id): TimelineEntry
    {
        foreach ($entries as $entry) {
            if ($id === $entry->id()) {
                return $entry;
            }
        }
        self::fail("There is no $id in the plan.");
    }
}
