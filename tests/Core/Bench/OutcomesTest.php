<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Bench;

use FreshTack\Core\Bench\BenchStep;
use FreshTack\Core\Bench\EngineRelease;
use FreshTack\Core\Bench\EntryContent;
use FreshTack\Core\Bench\InvalidEntry;
use FreshTack\Core\Bench\Needless;
use FreshTack\Core\Bench\NotDoneCause;
use FreshTack\Core\Bench\Obstacle;
use FreshTack\Core\Bench\OilLeft;
use FreshTack\Core\Bench\Outcome;
use FreshTack\Core\Bench\PartAtEngine;
use FreshTack\Core\Bench\Release;
use FreshTack\Core\Bench\ReleaseGate;
use FreshTack\Core\Bench\TaskOutcome;
use FreshTack\Core\Bench\Told;
use FreshTack\Core\Fastening\InvalidTightening;
use FreshTack\Core\Plan\Position;
use FreshTack\Tests\Support\BenchDay;
use FreshTack\Tests\Support\Requests;
use PHPUnit\Framework\TestCase;

/** What became of an order: task by task, and engine by engine. */
final class OutcomesTest extends TestCase
{
    public function testWhatWasDoneIsDone(): void
    {
        self::assertSame(['engine_oil' => 'done', 'oil_filter' => 'done'], self::outcomes(BenchDay::ofTwin()->until()));
    }

    public function testNothingIsDoneThatNobodyEntered(): void
    {
        self::assertSame(['engine_oil' => 'open', 'oil_filter' => 'open'], self::outcomes(BenchDay::ofTwin()));
    }

    /** "Could not: housing seized" was recorded as done, with a next due date. */
    public function testAFilterThatIsSeizedIsNotDone(): void
    {
        $day = BenchDay::ofTwin()->until('port.filter-off.shut')->enter(
            'port.filter-off.shut',
            EntryContent::notDone('housing seized', NotDoneCause::Seized, true),
        );

        self::assertSame('not_done', self::outcomes($day)['oil_filter']);
        $filter = $day->log->outcomes()->tasks(Position::Port)[1];
        self::assertSame(['seized, housing seized'], $filter->missing);
        self::assertSame(
            ['engine_oil' => 'open', 'oil_filter' => 'open'],
            self::outcomes($day, Position::Starboard),
            'the other engine is another matter',
        );
    }

    public function testAPartIsFittedIfTheOperationThatFitsItWasDone(): void
    {
        $day = BenchDay::ofTwin()->until('port.filter-off.shut')->enter(
            'port.filter-off.shut',
            EntryContent::notDone('', NotDoneCause::PartShort, true),
        )->until();

        $fate = static fn (Position $position): array => array_map(
            static fn (PartAtEngine $part): array => [$part->fate->value, $part->fitted],
            array_values(array_filter(
                $day->log->outcomes()->parts($position),
                static fn (PartAtEngine $part): bool => 'filter-on' === $part->use->work?->operation && 'DM-11415' !== $part->number,
            )),
        );
        self::assertSame([['not_fitted', 0]], $fate(Position::Port), 'its filter goes back to the shelf');
        self::assertSame([['fitted', 1]], $fate(Position::Starboard), 'the same operation of the engine beside it');
    }

    public function testATaskOfWhichSomethingIsMissingIsPartlyDone(): void
    {
        $day = BenchDay::ofTwin()->until('port.filter-on.put-back')->couldNot('port.filter-on.put-back', 'bracket broken')->until();

        self::assertSame(['engine_oil' => 'done', 'oil_filter' => 'partly'], self::outcomes($day));
        self::assertSame(['Fit the new filter: bracket broken'], $day->log->outcomes()->tasks(Position::Port)[1]->missing);
    }

    /** The engine would be tilted up for its filter and let down again, and nobody would touch it in between. */
    public function testTurnsBetweenWhichNothingIsLeftFallAway(): void
    {
        $day = BenchDay::of(Requests::single('K320', 'KT6-30001', 'kestrane-k320', ['engine_oil', 'oil_filter', 'gear_lubricant']))
            ->enter('single.filter-off.shut', EntryContent::dropped('', NotDoneCause::Customer));
        $needless = array_filter(
            array_combine(array_column($day->order->steps, 'id'), $day->order->steps),
            static fn (BenchStep $step): bool => true === $day->log->answer($step->id)?->isNeedless(),
        );

        $works = array_unique(array_map(
            static fn (BenchStep $step): string => $day->order->workOf($step)->work->id->text,
            array_values($needless),
        ));
        self::assertSame(['single.tilt-up-2', 'single.lower-2'], array_values($works));
        self::assertSame('dropped', self::outcomes($day->until(), Position::Single)['oil_filter']);
        self::assertSame([], $day->log->outcomes()->unfit(Position::Single));
    }

    public function testAnEngineIsLetGoWhileTheOtherIsStillWorkedOn(): void
    {
        $day = BenchDay::ofTwin()->until('port.cowl-on.on');
        $kinds = static fn (Position $position): array => array_values(array_unique(array_column(
            (new ReleaseGate($day->order, $day->log))->ofEngine($position, new EngineRelease()),
            'kind',
        )));
        self::assertSame(['step', 'unfit'], $kinds(Position::Port));
        foreach (array_filter($day->openSteps(), static fn (BenchStep $step): bool => Position::Port === $step->position) as $step) {
            $day->usual($step);
        }
        self::assertSame([], $kinds(Position::Port), 'it does not wait for the other');
        self::assertContains('step', $kinds(Position::Starboard));

        $day->enter('port.cowl-on.on', EntryContent::released(new EngineRelease()));
        foreach ([EntryContent::tick(), EntryContent::notDone('late'), EntryContent::released(new EngineRelease())] as $more) {
            try {
                $day->enter('port.cowl-on.on', $more);
                self::fail('It was taken.');
            } catch (InvalidEntry $error) {
                self::assertSame('bench.engine_released', $error->errorKey());
            }
        }
        $day->until();
        self::assertSame([], array_filter(
            (new ReleaseGate($day->order, $day->log))->obstacles(new Release()),
            static fn (Obstacle $each): bool => 'oil' !== $each->kind,
        ));
    }

    /** What was said of an engine when it was let go counts when the order is released, and nothing else does. */
    public function testAnEngineThatWasLetGoAsUnfitStaysUnfit(): void
    {
        $day = BenchDay::ofTwin()->until('port.close-valve.close')
            ->couldNot('port.close-valve.close', 'thread stripped')
            ->enter('port.close-valve.close', EntryContent::released(
                new EngineRelease('Drain can\'t be closed.', ['volume.port' => 'Empty.']),
            ));
        $release = (new Release('', [], ['port' => 'Something nicer.']))->including($day->log->rig()->released);

        self::assertSame(['port' => 'Drain can\'t be closed.'], $release->unfit);
        self::assertSame(['volume.port' => 'Empty.'], $release->explained);
    }

    /** Two tasks were dropped, and the first is done after all: what it needs must not fall away by the second. */
    public function testWhatATaskNeedsComesBackWithIt(): void
    {
        $needless = new Needless(['port.run'], ['port.engine_oil', 'port.oil_filter']);
        $oil = EntryContent::dropped('', NotDoneCause::Customer);
        $day = BenchDay::ofTwin()->enter('port.gather.gather', $oil);
        $first = $day->last();
        $day->enter('port.filter-off.shut', $oil, (new Told())->withNeedless($needless));
        self::assertTrue($day->log->answer('port.run.start')?->isNeedless());

        $day->correct($first, EntryContent::note('It is done after all.'), new Told(why: 'The owner wants it.'));
        self::assertNull($day->log->answer('port.run.start'));
    }

    public function testATaskThatIsDroppedIsNotAskedForAnyMore(): void
    {
        $day = BenchDay::ofTwin()->until('port.filter-off.shut')
            ->enter('port.filter-off.shut', EntryContent::dropped('The customer does not want it.'))
            ->until();

        self::assertSame(['engine_oil' => 'done', 'oil_filter' => 'dropped'], self::outcomes($day));
        self::assertSame([], $day->log->outcomes()->unfit(Position::Port));
    }

    public function testWhatADroppedTaskLeftOpenIsClosedAllTheSame(): void
    {
        $day = BenchDay::ofTwin()->until('port.filter-off.gasket')->tick('port.filter-off.gasket')
            ->enter('port.filter-on.beside', EntryContent::dropped('The customer called.'));

        self::assertNull($day->log->answer('port.filter-on.turn'), 'the seat is open: something goes on');
        self::assertSame([], $day->until()->log->outcomes()->unfit(Position::Port));
    }

    public function testAnEngineThatRunsIsNotLetGoEvenAsNotFitToRun(): void
    {
        $day = BenchDay::ofTwin()->until('port.warm-up.tell-tale');
        $obstacles = (new ReleaseGate($day->order, $day->log))->obstacles(new Release(unfit: [
            'port' => 'noise',
            'starboard' => 'as well',
        ]));

        self::assertContains('Port: The engine runs. It is not fit to run like this.', array_column($obstacles, 'message'));
    }

    public function testWhatHasBegunIsFinishedStepByStep(): void
    {
        $day = BenchDay::ofTwin()->until('port.filter-on.beside')
            ->enter('port.filter-on.beside', EntryContent::dropped('Another filter was sent.'));

        self::assertFalse($day->log->answer('port.filter-off.stuck')?->isNotDone());
        self::assertContains('The oil filter is off.', $day->log->outcomes()->unfit(Position::Port));
    }

    /** A seized drain screw could be neither released, nor dropped, nor cancelled. */
    public function testAnEngineThatCantBeMadeWholeLeavesAsNotFitToRun(): void
    {
        $day = BenchDay::ofTwin()->until('port.close-valve.close')->couldNot('port.close-valve.close', 'thread stripped');
        $gate = new ReleaseGate($day->order, $day->log);
        $kinds = static fn (Release $release): array => array_count_values(array_map(
            static fn (Obstacle $obstacle): string => $obstacle->kind.' '.$obstacle->at,
            array_filter($gate->obstacles($release), static fn (Obstacle $each): bool => 'port' === $each->at),
        ));

        self::assertContains('The drain is still open.', $day->log->outcomes()->unfit(Position::Port));
        self::assertArrayHasKey('unfit port', $kinds(new Release()));
        self::assertSame([], $kinds(new Release(unfit: ['port' => 'Drain thread stripped; stays at the shop.'])));
        self::assertNotSame([], $gate->obstacles(new Release(unfit: ['port' => 'Drain thread stripped.'])), 'starboard is not finished');
    }

    public function testWhatIsLeftOutOfTheWholeRigIsExplained(): void
    {
        $day = BenchDay::ofTwin()->until('rig.close-out.waste')->couldNot('rig.close-out.waste', 'the tank is full')->until();
        $gate = new ReleaseGate($day->order, $day->log);
        $kinds = static fn (Release $release): array => array_map(
            static fn (Obstacle $each): ?string => $each->deviation(),
            $gate->obstacles($release),
        );
        $left = [new OilLeft('10W-40', 'VO-3', null, null)];

        self::assertSame(['left_out.rig.close-out.waste'], $kinds(new Release(left: $left)));
        self::assertSame([], $kinds(new Release(explained: ['left_out.rig.close-out.waste' => 'Stands in the locked room.'], left: $left)));
        self::assertSame([], $day->log->outcomes()->unfit(Position::Port));
    }

    public function testASequenceOfAnythingNeverReachesAReleaseWithAGateOpenOrATaskDoneThatWasNot(): void
    {
        mt_srand(5);
        for ($round = 0; $round < 12; ++$round) {
            $day = BenchDay::ofTwin();
            for ($turn = 0; $turn < 160; ++$turn) {
                self::tryAnything($day);
            }
            $release = new Release(left: [new OilLeft('10W-40', 'VO-3', null, null)]);
            if ([] === (new ReleaseGate($day->order, $day->log))->obstacles($release)) {
                self::assertSame(
                    [],
                    [...$day->log->outcomes()->unfit(Position::Port), ...$day->log->outcomes()->unfit(Position::Starboard)],
                );
            }
            foreach ([Position::Port, Position::Starboard] as $position) {
                foreach ($day->log->outcomes()->tasks($position) as $outcome) {
                    self::assertTrue(Outcome::Done !== $outcome->outcome || self::isAllEntered($day, $outcome));
                }
            }
        }
    }

    private static function tryAnything(BenchDay $day): void
    {
        $steps = $day->order->steps;
        $step = $steps[mt_rand(0, \count($steps) - 1)];
        $open = $day->openSteps();
        try {
            match (mt_rand(0, 9)) {
                0 => $day->couldNot($step->id, 'chance'),
                1 => $day->wait(mt_rand(1, 40)),
                2 => $day->usual($step),
                3 => [] === $day->log->entries ? $day : $day->correct(
                    $day->log->entries[mt_rand(0, \count($day->log->entries) - 1)],
                    EntryContent::notDone('no'),
                ),
                default => [] === $open ? $day : $day->usual($open[0]),
            };
        } catch (InvalidEntry|InvalidTightening) {
            // refused: that is what is tried
        }
    }

    private static function isAllEntered(BenchDay $day, TaskOutcome $outcome): bool
    {
        foreach ($day->order->all as $work) {
            if ($work->task !== $outcome->task->task || $work->work->position !== $outcome->task->position) {
                continue;
            }
            foreach ($work->steps as $step) {
                if ($step->must && true !== $day->log->answer($step->id)?->kind->isWork()) {
                    return false;
                }
            }
        }

        return true;
    }

    /** @return array<string, string> by task */
    private static function outcomes(BenchDay $day, Position $position = Position::Port): array
    {
        $outcomes = [];
        foreach ($day->log->outcomes()->tasks($position) as $outcome) {
            $outcomes[$outcome->task->task->value] = $outcome->outcome->value;
        }

        return $outcomes;
    }
}
