<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Bench;

use FreshTack\Core\Bench\BenchStep;
use FreshTack\Core\Bench\EntryContent;
use FreshTack\Core\Bench\InvalidEntry;
use FreshTack\Core\Bench\NotDoneCause;
use FreshTack\Core\Finding\Observation;
use FreshTack\Core\Plan\Gate;
use FreshTack\Core\SpecBook\Task;
use FreshTack\Tests\Support\BenchDay;
use FreshTack\Tests\Support\Book;
use FreshTack\Tests\Support\Requests;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The bench asks of every entry what the plan was asked for. */
final class BenchGatesTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function rigs(): iterable
    {
        yield 'the twin, oil and filter' => ['twin'];
        yield 'one large engine, everything' => ['one'];
        yield 'three large engines, everything' => ['three'];
    }

    #[DataProvider('rigs')]
    public function testWhatWasIssuedCanBeDoneInItsOrder(string $rig): void
    {
        $day = self::day($rig)->until();

        self::assertSame([], array_filter($day->order->steps, static fn ($step): bool => !$day->log->isDone($step)));
        self::assertSame([], $day->log->rig()->going());
    }

    /**
     * Whoever does at any moment any of the steps that may be done comes to the end of the order.
     */
    #[DataProvider('rigs')]
    public function testNoChoiceAmongWhatMayBeDoneLeadsNowhere(string $rig): void
    {
        mt_srand(17);
        for ($round = 0; $round < self::rounds(); ++$round) {
            $day = self::day($rig);
            while ([] !== $open = $day->openSteps()) {
                $may = $day->mayBeDone();
                self::assertNotSame([], $may, 'of '.\count($open).' steps none may be done: '.$day->why($open[0]));
                $day->usual($may[mt_rand(0, \count($may) - 1)]);
            }
            self::assertSame([], $day->log->rig()->going());
        }
    }

    /** Two people who never wait for each other's plans: whoever does what they may comes to the end as well. */
    #[DataProvider('rigs')]
    public function testTwoPeopleComeToTheEndWhateverEachOfThemDoes(string $rig): void
    {
        mt_srand(23);
        $day = self::day($rig);
        while ([] !== $open = $day->openSteps()) {
            $may = [];
            foreach (['ada', 'bram'] as $by) {
                $may = [...$may, ...array_map(static fn (BenchStep $step): array => [$step, $by], $day->mayBeDone($by))];
            }
            self::assertNotSame([], $may, 'of '.\count($open).' steps none may be done: '.$day->why($open[0]));
            $day->usual(...$may[mt_rand(0, \count($may) - 1)]);
        }
        self::assertSame([], $day->log->rig()->going());
    }

    public function testWhoHasTheFilterOffFitsTheNewOneWhileAnotherIsAtTheBoatsSeparator(): void
    {
        $separators = ['count' => 'each', 'element' => 'TW-4410', 'every' => ['hours' => '100', 'months' => 12]];
        $request = Requests::single('D65', 'D65-3308', 'dunmarrow-d65', ['engine_oil', 'oil_filter', 'fuel_separator']);
        $request = Book::with($request, ['policy', 'schools', 'drain_temperature'], 'rested');
        $request = Book::with(Book::with($request, ['separators'], $separators), ['engines', 0, 'separator'], true);
        $day = BenchDay::of($request);
        $separator = array_values(array_filter(
            $day->order->steps,
            static fn (BenchStep $step): bool => str_starts_with($step->id, 'single.separator.'),
        ));
        foreach ($day->order->steps as $step) {
            if (str_starts_with($step->id, 'single.filter-on.')) {
                break;
            }
            if (!\in_array($step, $separator, true)) {
                $day->usual($step);
            }
        }
        self::assertNotSame([], $separator);
        foreach ($separator as $step) {
            self::assertSame(Gate::FilterNext, $day->log->gates()->before($step, [], 'ada', $day->now)?->gate);
            $day->usual($step, 'bram');
        }
        $day->until();
        self::assertSame([], $day->openSteps());
    }

    /** What somebody drops on the way, whenever it is, leaves an order that can be finished and engines that are whole. */
    #[DataProvider('rigs')]
    public function testADroppedTaskLeadsNowhere(string $rig): void
    {
        mt_srand(29);
        for ($round = 0; $round < self::rounds(); ++$round) {
            $day = self::day($rig);
            $turns = 0;
            while ([] !== $open = $day->openSteps()) {
                self::assertLessThan(10 * \count($day->order->steps), ++$turns, 'Round and round at '.$open[0]->id);
                $step = $open[mt_rand(0, \count($open) - 1)];
                if (null !== $day->order->workOf($step)->task && 0 === mt_rand(0, 40)) {
                    $day->enter($step->id, EntryContent::dropped('', NotDoneCause::Customer));

                    continue;
                }
                $may = $day->mayBeDone();
                self::assertNotSame([], $may, 'of '.\count($open).' steps none may be done: '.$day->why($open[0]));
                $day->usual($may[mt_rand(0, \count($may) - 1)]);
            }
            foreach ($day->order->rig->positions as $position) {
                self::assertSame([], $day->log->outcomes()->unfit($position));
            }
        }
    }

    public function testTwoPeopleDoNotHaveTheirHandsAtOnePartOfOneEngine(): void
    {
        $day = self::day('one')->until('single.plugs-out.blow');
        $day->usual($day->order->step('single.plugs-out.blow'));
        $there = array_filter($day->mayBeDone('ada'), static fn (BenchStep $step): bool => self::isElsewhere($step, $day));
        self::assertNotSame([], $there);

        $seen = [];
        foreach ($there as $step) {
            $zone = $day->order->workOf($step)->work->hands->zone;
            $notYet = $day->log->gates()->before($step, $step->effects, 'bram', $day->now);
            $seen[$zone->value] = $notYet?->gate;
        }
        self::assertSame(['powerhead' => Gate::OneZone], array_intersect_key($seen, ['powerhead' => true]));
        self::assertSame([], array_filter(array_diff_key($seen, ['powerhead' => true, 'belts' => true, 'whole' => true])));
    }

    private static function isElsewhere(BenchStep $step, BenchDay $day): bool
    {
        return null !== $step->position && 'plugs-out' !== $day->order->workOf($step)->work->id->operation
            && !$day->order->workOf($step)->isMode();
    }

    /** Above the mark it may be fuel or water, below it is neither warmed nor topped up: somebody decides first. */
    public function testAnEngineThatComesInWithAWrongLevelIsLeftAloneUntilSomebodyDecides(): void
    {
        foreach ([Observation::ArrivalHigh, Observation::ArrivalLow] as $seen) {
            $engine = Requests::engine('single', 'K165', 'KS4-10412', 'kestrane-k165-early', ['engine_oil']);
            $day = BenchDay::of(Requests::rig([[...$engine, 'arrival' => null]]))
                ->until('single.level-on-arrival.read')
                ->see('single.level-on-arrival.read', $seen);
            try {
                $day->usual($day->openSteps()[0]);
                self::fail('The work went on.');
            } catch (InvalidEntry $error) {
                self::assertSame('bench.stopped', $error->errorKey());
            }
            $day->decide('single.level-on-arrival.read')->until();
            self::assertSame([], $day->log->stops());
        }
    }

    /** More by `FRESH_TACK_DAYS`. */
    private static function rounds(): int
    {
        return max(2, (int) getenv('FRESH_TACK_DAYS'));
    }

    private static function day(string $rig): BenchDay
    {
        $all = array_column(Task::cases(), 'value');
        $engine = static fn (string $position, int $number): array => Requests::engine(
            $position,
            'K320',
            'KT6-3000'.$number,
            'kestrane-k320',
            $all,
        );

        return match ($rig) {
            'one' => BenchDay::of(Requests::rig([$engine('single', 1)])),
            'three' => BenchDay::of(Requests::rig([$engine('port', 1), $engine('centre', 2), $engine('starboard', 3)])),
            default => BenchDay::ofTwin(),
        };
    }
}
