<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Bench;

use FreshTack\Core\Bench\BenchLog;
use FreshTack\Core\Bench\BenchPlan;
use FreshTack\Core\Bench\BenchPlanReader;
use FreshTack\Core\Bench\BenchStep;
use FreshTack\Core\Bench\Entry;
use FreshTack\Core\Bench\EntryContent;
use FreshTack\Core\Bench\EntryKind;
use FreshTack\Core\Bench\InvalidEntry;
use FreshTack\Core\Bench\OilLeft;
use FreshTack\Core\Bench\ReleaseGate;
use FreshTack\Core\ExpectedError;
use FreshTack\Core\Fastening\InvalidTightening;
use FreshTack\Core\Fastening\TorqueTightening;
use FreshTack\Core\Fastening\Turns;
use FreshTack\Core\Finding\Observation;
use FreshTack\Core\Fluid\Advice;
use FreshTack\Core\Fluid\DipstickReading;
use FreshTack\Core\Fluid\Reconciliation;
use FreshTack\Core\Quantity\Minutes;
use FreshTack\Core\Quantity\Torque;
use FreshTack\Core\Quantity\TorqueUnit;
use FreshTack\Core\Quantity\Volume;
use FreshTack\Exchange\Json;
use FreshTack\Tests\Support\Requests;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The water taxi at the bench: rest 6 min after a pour, 25 min after a run, band 0.45 to 0.75 of 920 ml, at most 300 ml at once. */
final class BenchLogTest extends TestCase
{
    private int $sequence = 0;

    public function testReadsTheFrozenOrderBack(): void
    {
        $plan = self::plan();

        self::assertCount(116, $plan->steps);
        self::assertSame(['port' => 'Port', 'starboard' => 'Starboard'], $plan->engines);
        self::assertSame(['port' => 5460, 'starboard' => 5460], $plan->capacityMl);
        self::assertInstanceOf(TorqueTightening::class, $plan->step('port.close-valve.close')->tightening);
        self::assertSame(['turns', 'torque'], [$plan->step('port.filter-on.turn')->entry, $plan->step('starboard.filter-on.turn')->entry]);
        self::assertSame(
            ['pour', 'run', null],
            [$plan->step('port.fill.pour')->event, $plan->step('port.leak-check.stop')->event, $plan->step('port.fill.cap')->event],
        );
    }

    public function testAReadingTooSoonAfterThePourSaysWait(): void
    {
        $log = $this->log()->with($this->pour('port.fill.pour', 4900))->with($this->level('port.first-reading.read', '0.10', 2));

        self::assertSame([Advice::Wait, 4], [$log->oil('port')->advice?->advice, $log->oil('port')->advice?->waitMin]);
        self::assertFalse($log->isDone(self::plan()->step('port.first-reading.read')));
    }

    public function testNoOilGoesInOnAnUnsettledReading(): void
    {
        $log = $this->log()->with($this->pour('port.fill.pour', 4900))->with($this->level('port.first-reading.read', '0.10', 2));

        $this->expectExceptionMessage('No oil goes in on an unsettled reading. Wait 4 min, read again and enter that reading first.');
        $log->with($this->pour('port.first-reading.read', 200));
    }

    public function testNoOilGoesInWithoutAnyReading(): void
    {
        $this->expectExceptionMessage('No oil goes in on an unsettled reading. Wait 6 min, read again and enter that reading first.');
        $this->log()->with($this->pour('port.fill.pour', 4900))->with($this->pour('port.first-reading.read', 200));
    }

    public function testASettledReadingBelowTheBandAllowsATopUpAndAsksForAnotherReading(): void
    {
        $log = $this->log()->with($this->pour('port.fill.pour', 4900))->with($this->level('port.first-reading.read', '0.20', 6));
        // (0.45 − 0.20) × 920 ml = 230 ml, in steps of 50 ml 200 ml
        self::assertSame([Advice::Add, 200], [$log->oil('port')->advice?->advice, $log->oil('port')->advice?->amountMl]);

        $topped = $log->with($this->pour('port.first-reading.read', 200));
        self::assertNull($topped->oil('port')->advice);
        self::assertSame(5100, $topped->oil('port')->inEngineMl());
        self::assertFalse($topped->isDone(self::plan()->step('port.first-reading.read')));
        self::assertTrue($topped->with($this->level('port.first-reading.read', '0.44', 6))->isDone(self::plan()->step('port.first-reading.read')));
    }

    public function testATopUpLargerThanTheLargestIsRefused(): void
    {
        $log = $this->log()->with($this->pour('port.fill.pour', 4000))->with($this->level('port.first-reading.read', '0', 6));

        $this->expectExceptionMessage('The largest single top-up of this engine is 300 ml (10.1 US fl oz).');
        $log->with($this->pour('port.first-reading.read', 301));
    }

    public function testATopUpThatNobodyAskedForIsRefused(): void
    {
        $log = $this->log()->with($this->pour('port.fill.pour', 4900))->with($this->level('port.first-reading.read', '0.60', 6));

        $this->expectExceptionMessage('The last settled reading does not ask for oil.');
        $log->with($this->pour('port.first-reading.read', 50));
    }

    public function testTheFinalReadingNeedsARun(): void
    {
        $log = $this->log()->with($this->pour('port.fill.pour', 4900));

        $this->expectExceptionMessage('The engine has not run since it was filled');
        $log->with($this->level('port.reading.read', '0.60', 30));
    }

    public function testAfterTheRunTheLongRestApplies(): void
    {
        $log = $this->filledAndRun();
        self::assertSame([Advice::Wait, 1], [$log->with($this->level('port.reading.read', '0.60', 24))->oil('port')->advice?->advice, $log->with($this->level('port.reading.read', '0.60', 24))->oil('port')->advice?->waitMin]);

        $settled = $log->with($this->level('port.reading.read', '0.60', 25));
        self::assertSame(Advice::Ok, $settled->oil('port')->advice?->advice);
        self::assertTrue($settled->isDone(self::plan()->step('port.reading.read')));
    }

    public function testAfterATopUpTheShortRestApplies(): void
    {
        $log = $this->filledAndRun()->with($this->level('port.reading.read', '0.30', 25))->with($this->pour('port.reading.read', 250));

        self::assertSame(Advice::Wait, $log->with($this->level('port.reading.read', '0.60', 5))->oil('port')->advice?->advice);
        self::assertSame(Advice::Ok, $log->with($this->level('port.reading.read', '0.60', 6))->oil('port')->advice?->advice);
    }

    public function testTooMuchIsTakenOutOnlyWhenASettledReadingSaysSo(): void
    {
        $log = $this->filledAndRun()->with($this->level('port.reading.read', '1.10', 25));
        // (1.10 − 0.60) × 920 ml = 460 ml, in steps of 50 ml 450 ml
        self::assertSame([Advice::TakeOut, 450], [$log->oil('port')->advice?->advice, $log->oil('port')->advice?->amountMl]);
        self::assertSame(5010, $log->with($this->entry('port.reading.read', EntryContent::takenOut(Volume::whole(450))))->oil('port')->inEngineMl());

        $this->expectException(InvalidEntry::class);
        $this->filledAndRun()->with($this->entry('port.reading.read', EntryContent::takenOut(Volume::whole(100))));
    }

    public function testTheEnginesAreApart(): void
    {
        $log = $this->filledAndRun();

        self::assertTrue($log->oil('port')->hasRun);
        self::assertFalse($log->oil('starboard')->hasRun);
        self::assertSame(0, $log->oil('starboard')->inEngineMl());
    }

    public function testAWarmUpBeforeTheFillIsNoRunOfTheNewOil(): void
    {
        $log = $this->log()->with($this->tick('port.warm-up.stop'))->with($this->pour('port.fill.pour', 4900));

        self::assertFalse($log->oil('port')->hasRun);
    }

    /** @return iterable<string, array{Observation}> */
    public static function stops(): iterable
    {
        yield 'water in the oil' => [Observation::OilEmulsified];
        yield 'fuel in the oil' => [Observation::OilFuelAndHigh];
        yield 'metal' => [Observation::OilMetal];
    }

    #[DataProvider('stops')]
    public function testAFindingThatStopsTheJobStopsEverythingButNotes(Observation $finding): void
    {
        $log = $this->log()->with($this->see('port.drain-valve.look', $finding));

        self::assertSame($finding, $log->stoppedBy);
        self::assertSame($finding, $log->with($this->entry('port.drain-valve.look', EntryContent::words(EntryKind::Note, 'sample kept')))->stoppedBy);
        $this->expectException(InvalidEntry::class);
        $this->expectExceptionMessage('The work is stopped');
        $log->with($this->tick('rig.place.level'));
    }

    public function testADecisionLetsTheWorkGoOn(): void
    {
        $log = $this->log()->with($this->see('port.drain-valve.look', Observation::OilEmulsified))->with($this->entry('port.drain-valve.look', EntryContent::words(EntryKind::Decision, 'Flush twice.')));

        self::assertNull($log->stoppedBy);
        self::assertTrue($log->with($this->tick('rig.place.level'))->isDone(self::plan()->step('rig.place.level')));
    }

    public function testThereIsNothingToDecideWhereNothingIsStopped(): void
    {
        $this->expectException(InvalidEntry::class);
        $this->log()->with($this->entry('port.drain-valve.look', EntryContent::words(EntryKind::Decision, 'Go on.')));
    }

    public function testAFindingThatIsOnlyNotedDoesNotStop(): void
    {
        $log = $this->log()->with($this->see('port.drain-valve.look', Observation::OilFineSheen));

        self::assertNull($log->stoppedBy);
        self::assertTrue($log->isDone(self::plan()->step('port.drain-valve.look')));
    }

    /** @return iterable<string, array{string, EntryContent}> step, what does not belong there */
    public static function misplaced(): iterable
    {
        yield 'a volume at a plain step' => ['rig.place.level', EntryContent::poured(Volume::whole(100))];
        yield 'a tick at the oil' => ['port.drain-valve.look', EntryContent::tick()];
        yield 'leaks at the oil' => ['port.drain-valve.look', EntryContent::observation(Observation::LeaksDry)];
        yield 'a tick where a torque is asked for' => ['port.close-valve.close', EntryContent::tick()];
        yield 'oil taken out at the fill' => ['port.fill.pour', EntryContent::takenOut(Volume::whole(100))];
        yield 'a step of another order' => ['centre.fill.pour', EntryContent::tick()];
        yield 'rags that do not add up' => ['port.cowl-on.count', EntryContent::count(4, 3)];
    }

    #[DataProvider('misplaced')]
    public function testAnEntryMustFitItsStep(string $step, EntryContent $content): void
    {
        $this->expectException(InvalidEntry::class);
        $this->log()->with($this->entry($step, $content));
    }

    public function testTorqueAndTurnsOutsideTheSheetsRangeAreRefused(): void
    {
        $tries = [
            ['port.close-valve.close', EntryContent::torque(Torque::of('10.5', TorqueUnit::NewtonMetre), 'TW-1')],
            ['port.filter-on.turn', EntryContent::turns(Turns::of('1'))],
        ];
        $refused = 0;
        foreach ($tries as [$step, $content]) {
            try {
                $this->log()->with($this->entry($step, $content));
            } catch (InvalidTightening) {
                ++$refused;
            }
        }
        self::assertSame(2, $refused);
    }

    public function testACorrectionStandsWhereTheWrongEntryStood(): void
    {
        $wrong = $this->see('port.drain-valve.look', Observation::OilEmulsified);
        $log = $this->log()->with($wrong);
        $corrected = $log->corrected($this->entry('port.drain-valve.look', EntryContent::observation(Observation::OilBlack), $wrong->uuid));

        self::assertSame(Observation::OilBlack, $corrected->answer('port.drain-valve.look')?->observation);
        self::assertCount(2, $corrected->entries);
    }

    public function testACorrectionDoesNotLiftAStop(): void
    {
        $wrong = $this->see('port.drain-valve.look', Observation::OilEmulsified);
        $corrected = $this->log()->with($wrong)->corrected($this->entry('port.drain-valve.look', EntryContent::observation(Observation::OilBlack), $wrong->uuid));
        self::assertSame(Observation::OilEmulsified, $corrected->stoppedBy, 'it was seen');
        self::assertSame(Observation::OilEmulsified, BenchLog::replay(self::plan(), $corrected->entries)->stoppedBy, 'after a reload too');
        try {
            $corrected->with($this->tick('rig.place.level'));
            self::fail('The work went on.');
        } catch (InvalidEntry $error) {
            self::assertSame('bench.stopped', $error->errorKey());
        }

        $decided = $corrected->with($this->entry('port.drain-valve.look', EntryContent::words(EntryKind::Decision, 'Looked at it together: black, no water.')));
        self::assertNull($decided->stoppedBy);
        self::assertNull(BenchLog::replay(self::plan(), $decided->entries)->stoppedBy);
        self::assertTrue($decided->with($this->tick('rig.place.level'))->isDone(self::plan()->step('rig.place.level')));
    }

    public function testWhatIsSeenToBeWorseAfterwardsStopsTheWorkThoughItHasGoneOn(): void
    {
        $seen = $this->see('port.drain-valve.look', Observation::OilBlack);
        $log = $this->log()->with($seen)->with($this->tick('rig.place.level'));
        $corrected = $log->corrected($this->entry('port.drain-valve.look', EntryContent::observation(Observation::OilEmulsified), $seen->uuid));

        self::assertSame(Observation::OilEmulsified, $corrected->stoppedBy);
        self::assertCount(3, $corrected->entries);
    }

    public function testAnEngineIsFilledOnce(): void
    {
        $first = $this->pour('port.fill.pour', 4900);
        $log = $this->log()->with($first);
        try {
            $log->with($this->pour('port.fill.pour', 4900));
            self::fail('It was filled twice.');
        } catch (InvalidEntry $error) {
            self::assertSame(['bench.filled_before', $first], [$error->errorKey(), $error->before]);
            self::assertStringContainsString('4.90 l (5.18 US qt)', $error->getMessage());
        }

        $taken = $log->corrected($this->entry('port.fill.pour', EntryContent::words(EntryKind::NotDone, 'It was the other engine.'), $first->uuid));
        self::assertSame(4900, $taken->with($this->pour('port.fill.pour', 4900))->oil('port')->inEngineMl());
        self::assertSame(4900, $log->with($this->pour('starboard.fill.pour', 4900))->oil('starboard')->inEngineMl());
    }

    public function testACorrectedCorrectionStillStandsInTheFirstPlace(): void
    {
        $first = $this->pour('port.fill.pour', 4000);
        $second = $this->entry('port.fill.pour', EntryContent::poured(Volume::whole(4500)), $first->uuid);
        $log = $this->log()->with($first)->corrected($second);
        $third = $this->entry('port.fill.pour', EntryContent::poured(Volume::whole(4900)), $second->uuid);

        self::assertSame(4900, $log->corrected($third)->oil('port')->inEngineMl());
    }

    public function testACorrectionNamesAnEntryOfItsOwnStep(): void
    {
        $entry = $this->pour('port.fill.pour', 4000);
        $log = $this->log()->with($entry);
        $refused = 0;
        foreach ([$this->entry('port.fill.pour', EntryContent::tick(), 'nobody'), $this->entry('starboard.fill.pour', EntryContent::poured(Volume::whole(1)), $entry->uuid)] as $correction) {
            try {
                $log->corrected($correction);
            } catch (ExpectedError) {
                ++$refused;
            }
        }
        self::assertSame(2, $refused);
    }

    public function testWhatMustBeDoneIsNotDoneByAReason(): void
    {
        $log = $this->log()
            ->with($this->entry('port.close-valve.close', EntryContent::words(EntryKind::NotDone, 'thread stripped')))
            ->with($this->entry('rig.place.cart', EntryContent::words(EntryKind::NotDone, 'cart on loan')));

        self::assertFalse($log->isDone(self::plan()->step('port.close-valve.close')));
        self::assertTrue($log->isDone(self::plan()->step('rig.place.cart')));
    }

    public function testAWholeJobHasNoObstacleLeft(): void
    {
        self::assertSame([], (new ReleaseGate())->obstacles(self::plan(), $this->wholeJob(), '', self::left(11892, 972)));
    }

    public function testAnEmptyLogIsAllObstacles(): void
    {
        $gates = array_count_values(array_column((new ReleaseGate())->obstacles(self::plan(), $this->log(), ''), 'gate'));

        self::assertSame(['step' => 116, 'level' => 2, 'volume' => 2], $gates);
    }

    public function testStoppedWorkIsNotReleased(): void
    {
        $log = $this->log()->with($this->see('port.drain-valve.look', Observation::OilMetal));

        self::assertSame('stopped', (new ReleaseGate())->obstacles(self::plan(), $log, '')[0]['gate']);
    }

    public function testMoreOilThanTheCapacityNeedsARemark(): void
    {
        // 6100 ml are 11.7 % more than 5460 ml
        $obstacles = (new ReleaseGate())->obstacles(self::plan(), $this->wholeJob(6100), '', self::left(11892, 292));

        self::assertSame(['volume'], array_column($obstacles, 'gate'));
        self::assertSame('Port: 6100 ml went in, the capacity is 5460 ml. That is more than 10 % apart: say why in the remark.', $obstacles[0]['message']);
        self::assertSame([], (new ReleaseGate())->obstacles(self::plan(), $this->wholeJob(6100), 'Sump was flushed.'));
    }

    public function testOilThatWasOpenedIsAccountedFor(): void
    {
        $gate = new ReleaseGate();
        $messages = fn (OilLeft ...$left): array => array_column($gate->obstacles(self::plan(), $this->wholeJob(), '', ...$left), 'message');

        self::assertSame(['10W-40, VO-3: nobody has said how much is left of what was opened. Measure it, or say in the remark why not.'], $messages());
        // 2 × 5450 ml were poured: of 11 892 ml opened 992 ml should be left, 2 % (237 ml) either way
        self::assertStringStartsWith('10W-40, VO-3: 11892 ml opened, 10900 ml poured, 700 ml left over: 292 ml are missing.', $messages(self::left(11892, 700))[0]);
        self::assertSame([], $messages(self::left(11892, 755)));
        self::assertSame([], $gate->obstacles(self::plan(), $this->wholeJob(), 'The rest went home with the owner.'));
        self::assertSame([[10900, 237]], array_map(static fn (Reconciliation $sum): array => [$sum->poured->millilitresUp(), $sum->missingMl()], $gate->reconciled(self::plan(), $this->wholeJob(), self::left(11892, 755))));
    }

    private static function left(int $openedMl, int $leftMl): OilLeft
    {
        return new OilLeft('10W-40', 'VO-3', Volume::ofMillilitres($openedMl), Volume::ofMillilitres($leftMl));
    }

    /** @return iterable<string, array{EntryContent, string}> */
    public static function texts(): iterable
    {
        yield 'torque with its wrench' => [EntryContent::torque(Torque::of('8.5', TorqueUnit::NewtonMetre), 'TW-1'), '8.5 N·m with TW-1'];
        yield 'turns' => [EntryContent::turns(Turns::of('3/4')), '¾ turn after contact'];
        yield 'poured' => [EntryContent::poured(Volume::whole(4900)), 'poured 4.90 l (5.18 US qt)'];
        yield 'taken out' => [EntryContent::takenOut(Volume::whole(450)), 'took out 450 ml (15.2 US fl oz)'];
        yield 'a level' => [EntryContent::level(DipstickReading::of('0.60'), Minutes::none()), 'level 0.6 after 0 min of rest'];
        yield 'a count' => [EntryContent::count(4, 4), '4 in, 4 out'];
        yield 'seen' => [EntryContent::observation(Observation::TellTaleSteady), 'Steady'];
        yield 'could not' => [EntryContent::words(EntryKind::NotDone, 'seized'), 'could not: seized'];
        yield 'decided' => [EntryContent::words(EntryKind::Decision, 'go on'), 'decision: go on'];
        yield 'noted' => [EntryContent::words(EntryKind::Note, 'hidden screw'), 'hidden screw'];
        yield 'ticked' => [EntryContent::tick(), 'done'];
    }

    #[DataProvider('texts')]
    public function testAnEntryReadsAsInTheRecord(EntryContent $content, string $text): void
    {
        self::assertSame($text, $content->asText());
    }

    /** @param int<0, max> $portPourMl */
    private function wholeJob(int $portPourMl = 5450): BenchLog
    {
        $log = $this->log();
        foreach (self::plan()->steps as $step) {
            $log = $log->with($this->entry($step->id, self::usual($step, 'port.fill.pour' === $step->id ? $portPourMl : 5450)));
        }

        return $log;
    }

    /** @param int<0, max> $pourMl */
    private static function usual(BenchStep $step, int $pourMl): EntryContent
    {
        return match ($step->entry) {
            'oil_appearance' => EntryContent::observation(Observation::OilBlack),
            'leaks' => EntryContent::observation(Observation::LeaksDry),
            'tell_tale' => EntryContent::observation(Observation::TellTaleSteady),
            'poured' => EntryContent::poured(Volume::whole($pourMl)),
            'first_level', 'level' => EntryContent::level(DipstickReading::of('0.60'), Minutes::of(25)),
            'torque' => EntryContent::torque(str_contains($step->id, 'filter') ? Torque::of('17.5', TorqueUnit::NewtonMetre) : Torque::of('8.5', TorqueUnit::NewtonMetre), 'TW-1'),
            'turns' => EntryContent::turns(Turns::of('3/4')),
            'count' => EntryContent::count(4, 4),
            default => EntryContent::tick(),
        };
    }

    private function filledAndRun(): BenchLog
    {
        return $this->log()->with($this->pour('port.fill.pour', 5460))->with($this->see(
            'port.leak-check.leaks',
            Observation::LeaksDry,
        ))->with($this->tick('port.leak-check.stop'));
    }

    private function log(): BenchLog
    {
        return BenchLog::start(self::plan());
    }

    private function tick(string $step): Entry
    {
        return $this->entry($step, EntryContent::tick());
    }

    private function see(string $step, Observation $observation): Entry
    {
        return $this->entry($step, EntryContent::observation($observation));
    }

    /** @param int<0, max> $millilitres */
    private function pour(string $step, int $millilitres): Entry
    {
        return $this->entry($step, EntryContent::poured(Volume::whole($millilitres)));
    }

    private function level(string $step, string $reading, int $restMin): Entry
    {
        return $this->entry($step, EntryContent::level(DipstickReading::of($reading), Minutes::of($restMin)));
    }

    private function entry(string $step, EntryContent $content, ?string $corrects = null): Entry
    {
        return new Entry('entry-'.++$this->sequence, $step, $content, $corrects, 'ada', new \DateTimeImmutable('2026-03-18 09:00'));
    }

    private static function plan(): BenchPlan
    {
        return BenchPlanReader::read(Json::decode(Json::encode(Requests::document(Requests::twin()))));
    }
}
