<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Plan\Sequence;

use Eris\Generators;
use Eris\TestTrait;
use FreshTack\Core\Plan\Sequence\Activity;
use FreshTack\Core\Plan\Sequence\InvalidSequence;
use FreshTack\Core\Plan\Sequence\LowerBound;
use FreshTack\Core\Plan\Sequence\SequencePlan;
use FreshTack\Core\Plan\Sequence\SequenceProblem;
use FreshTack\Core\Plan\Sequence\Sequencer;
use FreshTack\Core\Plan\Sequence\SequenceReader;
use FreshTack\Core\Reading\Flaw;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Exchange\SequenceDocument;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SequencerTest extends TestCase
{
    use TestTrait;

    /** Ten jobs over ten machines, each step after the one before: machine and minutes in turn. The shortest plan is known to take 930 min. */
    private const CLASSIC = [
        [0, 29, 1, 78, 2, 9, 3, 36, 4, 49, 5, 11, 6, 62, 7, 56, 8, 44, 9, 21],
        [0, 43, 2, 90, 4, 75, 9, 11, 3, 69, 1, 28, 6, 46, 5, 46, 7, 72, 8, 30],
        [1, 91, 0, 85, 3, 39, 2, 74, 8, 90, 5, 10, 7, 12, 6, 89, 9, 45, 4, 33],
        [1, 81, 2, 95, 0, 71, 4, 99, 6, 9, 8, 52, 7, 85, 3, 98, 9, 22, 5, 43],
        [2, 14, 0, 6, 1, 22, 5, 61, 3, 26, 4, 69, 8, 21, 7, 49, 9, 72, 6, 53],
        [2, 84, 1, 2, 5, 52, 3, 95, 8, 48, 9, 72, 0, 47, 6, 65, 4, 6, 7, 25],
        [1, 46, 0, 37, 3, 61, 2, 13, 6, 32, 5, 21, 9, 32, 8, 89, 7, 30, 4, 55],
        [2, 31, 0, 86, 1, 46, 5, 74, 4, 32, 6, 88, 8, 19, 9, 48, 7, 36, 3, 79],
        [0, 76, 1, 69, 3, 76, 5, 51, 2, 85, 9, 11, 6, 40, 7, 89, 4, 26, 8, 74],
        [1, 85, 0, 13, 2, 61, 6, 7, 8, 64, 9, 76, 5, 47, 3, 52, 4, 90, 7, 45],
    ];

    public function testWhileOneEngineDrainsTheOtherIsWorkedOn(): void
    {
        // one pair of hands; draining takes 5 min of them and then 30 by itself, the plugs 20, closing 5 after the drain
        $plan = self::plan(['hands' => 1], [
            new Activity('drain', 5, 30, ['hands' => 1], [], []),
            new Activity('plugs', 20, 0, ['hands' => 1], [], []),
            new Activity('close', 5, 0, ['hands' => 1], [], ['drain']),
        ]);

        self::assertSame([[0, 5, 35], 40, 40], [$plan->startsMin, $plan->makespanMin, $plan->lowerBoundMin]);
    }

    public function testWhatIsHeldIsHeldToTheEnd(): void
    {
        // the lift holds one engine at a time, also while it drains
        $held = static fn (string $id): Activity => new Activity($id, 5, 30, ['hands' => 1], ['lift' => 1], []);

        self::assertSame(70, self::plan(['hands' => 2, 'lift' => 1], [$held('port'), $held('starboard')])->makespanMin);
        self::assertSame(35, self::plan(['hands' => 2, 'lift' => 2], [$held('port'), $held('starboard')])->makespanMin);
    }

    public function testTheClassicShopComesWithinTenInAHundred(): void
    {
        $problem = self::classic();
        $plan = (new Sequencer())->plan($problem);

        self::assertFeasible($plan);
        self::assertGreaterThanOrEqual(930, $plan->makespanMin);
        self::assertLessThanOrEqual(1023, $plan->makespanMin);
        // the best single machine with interruptions allowed, the figure the trade's literature gives for this shop
        self::assertSame(808, $plan->lowerBoundMin);
        self::assertLessThanOrEqual(Sequencer::DEFAULT_EFFORT + 3, $plan->schedules);
    }

    public function testMoreEffortNeverGivesALongerPlan(): void
    {
        $last = \PHP_INT_MAX;
        foreach ([1, 40, 300, 1000, Sequencer::DEFAULT_EFFORT, 4000, 10_000] as $effort) {
            $found = (new Sequencer())->plan(self::classic(), $effort)->makespanMin;
            self::assertLessThanOrEqual($last, $found, "with an effort of $effort");
            $last = $found;
        }
    }

    public function testTheSameRequestGivesTheSamePlan(): void
    {
        self::assertSame((new Sequencer())->plan(self::classic(), 60)->startsMin, (new Sequencer())->plan(self::classic(), 60)->startsMin);
    }

    public function testSmallCasesAreAsShortAsTryingEverything(): void
    {
        $this->limitTo(60)->forAll(Generators::vector(48, Generators::choose(0, 1000)))->then(static function (array $shape): void {
            $problem = self::small($shape, 4);
            $plan = (new Sequencer())->plan($problem, 1);
            self::assertFeasible($plan);
            self::assertSame(self::byBruteForce($problem), $plan->makespanMin);
            self::assertTrue($plan->isProvenOptimal());
            self::assertLessThanOrEqual($plan->makespanMin, (new LowerBound())->of($problem), 'nothing beats the bound');
        });
    }

    public function testLargerCasesKeepEveryRuleAndNeverBeatTheBound(): void
    {
        $this->limitTo(40)->forAll(Generators::vector(48, Generators::choose(0, 1000)), Generators::choose(9, 24))->then(static function (array $shape, int $count): void {
            $plan = (new Sequencer())->plan(self::small($shape, $count), 60);
            self::assertFeasible($plan);
            self::assertGreaterThanOrEqual($plan->lowerBoundMin, $plan->makespanMin);
        });
    }

    public function testMoreEffortIsNeverWorseThanTheFirstRule(): void
    {
        $first = (new Sequencer())->plan(self::classic(), 1);

        self::assertLessThan($first->makespanMin, (new Sequencer())->plan(self::classic(), 200)->makespanMin);
    }

    public function testNothingToDoTakesNoTime(): void
    {
        $plan = self::plan([], []);

        self::assertSame([0, 0, []], [$plan->makespanMin, $plan->lowerBoundMin, $plan->startsMin]);
    }

    /** @return iterable<string, array{list<Activity>, string}> */
    public static function mistakes(): iterable
    {
        yield 'a circle' => [[new Activity('a', 1, 0, [], [], ['b']), new Activity('b', 1, 0, [], [], ['a']), new Activity('c', 1, 0, [], [], [])], 'wait for each other in a circle, or for such: a, b.'];
        yield 'itself' => [[new Activity('a', 1, 0, [], [], ['a'])], 'wait for each other in a circle'];
        yield 'an unknown activity' => [[new Activity('a', 1, 0, [], [], ['z'])], '"a" waits for "z", which is none of the activities.'];
        yield 'an unknown resource' => [[new Activity('a', 1, 0, ['crane' => 1], [], [])], '"a" asks for "crane", which is none of the resources.'];
        yield 'more than there is' => [[new Activity('a', 1, 0, ['hands' => 3], [], [])], '"a" asks for 3 of "hands", of which there are 2.'];
        yield 'more than there is, held and needed together' => [[new Activity('a', 1, 0, ['hands' => 1], ['hands' => 2], [])], 'asks for 3 of "hands"'];
        yield 'a name twice' => [[new Activity('a', 1, 0, [], [], []), new Activity('a', 1, 0, [], [], [])], 'Two activities are called "a".'];
    }

    /** @param list<Activity> $activities */
    #[DataProvider('mistakes')]
    public function testWorkThatCantBePlannedIsRefused(array $activities, string $message): void
    {
        $this->expectException(InvalidSequence::class);
        $this->expectExceptionMessage($message);
        SequenceProblem::of(['hands' => 2], $activities);
    }

    public function testReadsAndWritesItsDocuments(): void
    {
        $problem = SequenceReader::read(['resources' => [['id' => '1', 'capacity' => 1]], 'activities' => [['id' => '7', 'attendedMin' => 2, 'unattendedMin' => 3, 'needs' => ['1' => 1], 'holds' => [], 'after' => []], ['id' => '8', 'attendedMin' => 1, 'unattendedMin' => 0, 'needs' => ['1' => 1], 'holds' => [], 'after' => ['7']]]]);

        self::assertSame(['makespanMin' => 6, 'lowerBoundMin' => 6, 'activities' => [['id' => '7', 'startMin' => 0, 'attendedEndMin' => 2, 'endMin' => 5], ['id' => '8', 'startMin' => 5, 'attendedEndMin' => 6, 'endMin' => 6]]], SequenceDocument::of((new Sequencer())->plan($problem)));
    }

    /** @return iterable<string, array{array<string, mixed>, list<string>}> */
    public static function flaws(): iterable
    {
        $activity = ['id' => 'a', 'attendedMin' => 1, 'unattendedMin' => 0, 'needs' => [], 'holds' => [], 'after' => []];
        yield 'minutes as text' => [['activities' => [[...$activity, 'attendedMin' => '1']]], ['/activities/0/attendedMin']];
        yield 'minutes below zero' => [['activities' => [[...$activity, 'unattendedMin' => -1]]], ['/activities/0/unattendedMin']];
        yield 'half a pair of hands' => [['activities' => [[...$activity, 'needs' => ['hands' => 0.5]]]], ['/activities/0/needs/hands']];
        yield 'two resources of one name' => [['resources' => [['id' => 'x', 'capacity' => 1], ['id' => 'x', 'capacity' => 2]]], ['/resources/1/id']];
        yield 'a key nobody knows' => [['activities' => [[...$activity, 'colour' => 'red']]], ['/activities/0/colour']];
    }

    /**
     * @param array<string, mixed> $change
     * @param list<string>         $pointers
     */
    #[DataProvider('flaws')]
    public function testADocumentThatMakesNoSenseIsRefusedAtThePlace(array $change, array $pointers): void
    {
        try {
            SequenceReader::read(['resources' => [['id' => 'hands', 'capacity' => 1]], 'activities' => [], ...$change]);
            self::fail('It was taken.');
        } catch (InvalidDocument $error) {
            self::assertSame($pointers, array_map(static fn (Flaw $flaw): string => $flaw->pointer, $error->flaws));
        }
    }

    /**
     * Activities out of a row of numbers: short times, two resources, some that wait for an earlier one.
     *
     * @param array<mixed> $shape
     */
    private static function small(array $shape, int $count): SequenceProblem
    {
        $numbers = array_values(array_filter($shape, is_int(...)));
        $at = 0;
        $next = static function (int $sides) use ($numbers, &$at): int {
            $number = $numbers[$at % \count($numbers)] + intdiv($at, \count($numbers)) * 37;
            ++$at;

            return $number % $sides;
        };
        $activities = [];
        for ($index = 0; $index < $count; ++$index) {
            $needs = ['hands' => $next(3)];
            $holds = 0 === $next(3) ? ['lift' => 1] : [];
            $after = $index > 0 && 0 === $next(3) ? ['a'.$next($index)] : [];
            $activities[] = new Activity('a'.$index, $next(4), $next(3), $needs, $holds, $after);
        }

        return SequenceProblem::of(['hands' => 2, 'lift' => 1], $activities);
    }

    /** The shortest plan of all plans: every start of every activity is tried. */
    private static function byBruteForce(SequenceProblem $problem): int
    {
        for ($horizon = 0;; ++$horizon) {
            if (self::fits($problem, [], $horizon)) {
                return $horizon;
            }
        }
    }

    /** @param list<int> $starts of the first activities */
    private static function fits(SequenceProblem $problem, array $starts, int $horizon): bool
    {
        if (!self::keepsTheRules($problem, $starts)) {
            return false;
        }
        $index = \count($starts);
        if ($index === $problem->count()) {
            return true;
        }
        for ($start = 0; $start + $problem->lengths[$index] <= $horizon; ++$start) {
            if (self::fits($problem, [...$starts, $start], $horizon)) {
                return true;
            }
        }

        return false;
    }

    /** @param array<int, int> $starts minute by minute, knowing nothing of how the plan was made */
    private static function keepsTheRules(SequenceProblem $problem, array $starts): bool
    {
        $ids = array_map(static fn (Activity $activity): string => $activity->id, $problem->activities);
        $taken = [];
        foreach ($starts as $index => $start) {
            $activity = $problem->activities[$index];
            foreach ($activity->after as $id) {
                $other = array_search($id, $ids, true);
                if (\is_int($other) && isset($starts[$other]) && $starts[$other] + $problem->activities[$other]->lengthMin() > $start) {
                    return false;
                }
            }
            for ($minute = $start; $minute < $start + $activity->lengthMin(); ++$minute) {
                foreach (['hands' => 2, 'lift' => 1] as $resource => $capacity) {
                    $amount = ($activity->holds[$resource] ?? 0) + ($minute < $start + $activity->attendedMin ? $activity->needs[$resource] ?? 0 : 0);
                    $taken[$resource][$minute] = ($taken[$resource][$minute] ?? 0) + $amount;
                    if ($taken[$resource][$minute] > $capacity) {
                        return false;
                    }
                }
            }
        }

        return true;
    }

    private static function assertFeasible(SequencePlan $plan): void
    {
        $problem = $plan->problem;
        self::assertCount($problem->count(), $plan->startsMin);
        self::assertSame($plan->makespanMin, max([0, ...array_map(static fn (int $start, int $length): int => $start + $length, $plan->startsMin, $problem->lengths)]));
        self::assertGreaterThanOrEqual(0, min([0, ...$plan->startsMin]));
        self::assertTrue(self::keepsTheRules($problem, $plan->startsMin), 'capacities and chains');
        foreach (self::machines($problem) as $steps) {
            usort($steps, static fn (int $a, int $b): int => $plan->startsMin[$a] <=> $plan->startsMin[$b]);
            foreach (\array_slice($steps, 1) as $place => $step) {
                self::assertGreaterThanOrEqual($plan->startsMin[$steps[$place]] + $problem->lengths[$steps[$place]], $plan->startsMin[$step], 'one at a time');
            }
        }
    }

    /** @return array<string, list<int>> activities of the classic shop by machine */
    private static function machines(SequenceProblem $problem): array
    {
        $machines = [];
        foreach ($problem->activities as $index => $activity) {
            foreach (array_keys($activity->needs) as $resource) {
                if (str_starts_with((string) $resource, 'machine')) {
                    $machines[(string) $resource][] = $index;
                }
            }
        }

        return $machines;
    }

    /**
     * @param array<int|string, int> $resources
     * @param list<Activity>     $activities
     */
    private static function plan(array $resources, array $activities): SequencePlan
    {
        return (new Sequencer())->plan(SequenceProblem::of($resources, $activities));
    }

    private static function classic(): SequenceProblem
    {
        $activities = [];
        foreach (self::CLASSIC as $job => $steps) {
            foreach (array_chunk($steps, 2) as $step => [$machine, $minutes]) {
                $activities[] = new Activity("$job.$step", $minutes, 0, ['machine'.$machine => 1], [], 0 === $step ? [] : [$job.'.'.($step - 1)]);
            }
        }

        return SequenceProblem::of(array_fill_keys(array_map(static fn (int $machine): string => 'machine'.$machine, range(0, 9)), 1), $activities);
    }
}
