<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Bench;

use FreshTack\Core\Bench\BenchLog;
use FreshTack\Core\Bench\BenchStep;
use FreshTack\Core\Bench\EntryContent;
use FreshTack\Core\Bench\InvalidEntry;
use FreshTack\Core\Bench\Obstacle;
use FreshTack\Core\Bench\OilLeft;
use FreshTack\Core\Bench\Release;
use FreshTack\Core\Bench\ReleaseGate;
use FreshTack\Core\Bench\Said\Seen;
use FreshTack\Core\Bench\Timer;
use FreshTack\Core\Bench\Timers;
use FreshTack\Core\Bench\Told;
use FreshTack\Core\ExpectedError;
use FreshTack\Core\Fastening\InvalidTightening;
use FreshTack\Core\Fastening\TorqueTightening;
use FreshTack\Core\Fastening\Turns;
use FreshTack\Core\Finding\Observation;
use FreshTack\Core\Fluid\Advice;
use FreshTack\Core\Fluid\DipstickReading;
use FreshTack\Core\Fluid\Reconciliation;
use FreshTack\Core\Plan\Attitude;
use FreshTack\Core\Plan\Effect;
use FreshTack\Core\Plan\Gate;
use FreshTack\Core\Plan\Lockout;
use FreshTack\Core\Plan\Position;
use FreshTack\Core\Policy\Question;
use FreshTack\Core\Policy\Schools;
use FreshTack\Core\Quantity\Minutes;
use FreshTack\Core\Quantity\Torque;
use FreshTack\Core\Quantity\TorqueUnit;
use FreshTack\Core\Quantity\Volume;
use FreshTack\Core\Quantity\VolumeUnit;
use FreshTack\Tests\Support\BenchDay;
use FreshTack\Tests\Support\Requests;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The water taxi at the bench: rest 6 min after a pour, 25 min after a run, band 0.45 to 0.75 of 920 ml, at most 300 ml at once. */
final class BenchLogTest extends TestCase
{
    public function testReadsTheFrozenOrderBack(): void
    {
        $order = BenchDay::ofTwin()->order;

        self::assertCount(116, $order->steps);
        self::assertSame(['port' => 'Port', 'starboard' => 'Starboard'], $order->engines);
        self::assertSame(['port' => 5460, 'starboard' => 5460], $order->capacityMl);
        self::assertInstanceOf(TorqueTightening::class, $order->step('port.close-valve.close')->tightening);
        self::assertSame(
            ['turns', 'torque'],
            [$order->step('port.filter-on.turn')->entry, $order->step('starboard.filter-on.turn')->entry],
        );
        self::assertSame(
            ['pour', 'run', null],
            [$order->step('port.fill.pour')->event, $order->step('port.leak-check.stop')->event, $order->step('port.fill.cap')->event],
        );
        $fill = $order->workOf($order->step('port.fill.pour'));
        self::assertSame(
            [true, Attitude::Vertical, Lockout::Locked],
            [$fill->isAsked, $fill->work->needs->attitude, $fill->work->needs->lockout],
        );
        self::assertSame([Effect::OilIn], $order->step('port.fill.pour')->effects);
    }

    public function testAReadingTooSoonAfterThePourIsRefusedUntilTheLogsClockSaysSo(): void
    {
        $day = BenchDay::ofTwin()->until('port.first-reading.read');
        $poured = $day->log->oil('port')->eventAt;
        self::assertNotNull($poured);
        $day->now = $poured->modify('+2 minutes');
        self::assertRefused(
            'bench.not_yet',
            'Port: the oil has not rested long enough. Wait 4 min more.',
            static fn () => $day->read('port.first-reading.read', '0.10'),
        );

        $day->now = $poured->modify('+6 minutes');
        $day->read('port.first-reading.read', '0.60');
        self::assertSame('level 0.6 after 6 min of rest', $day->log->answer('port.first-reading.read')?->asText());
    }

    public function testNobodyTypesTheMinutesThatTheLogCounts(): void
    {
        $day = BenchDay::ofTwin()->until('port.first-reading.read');

        self::assertRefused(
            'bench.rest_is_counted',
            'leave the minutes out',
            static fn () => $day->enter('port.first-reading.read', EntryContent::level(DipstickReading::of('0.60'), Minutes::of(40))),
        );
    }

    public function testAReadingThatWasTakenTooSoonAllTheSameSaysWaitAndAsksForNoOil(): void
    {
        $day = BenchDay::ofTwin()->until('port.first-reading.read');
        $day->now = $day->log->oil('port')->eventAt?->modify('+2 minutes') ?? $day->now;
        $day->read('port.first-reading.read', '0.10', new Told(happened: true))->decide('port.first-reading.read');

        self::assertSame([Advice::Wait, 4], [$day->log->oil('port')->advice?->advice, $day->log->oil('port')->advice?->waitMin]);
        self::assertFalse($day->log->isDone($day->order->step('port.first-reading.read')));
        self::assertRefused('bench.top_up_unsettled', 'Wait 4 min, read again', static fn () => $day->pour('port.first-reading.read', 200));
    }

    /** The plan has ten minutes for it; a reading that rises is no level, and a top-up asks for two more. */
    public function testWhereTwoReadingsMustAgreeOneSettlesNothing(): void
    {
        $twin = Requests::twin();
        $policy = [...(array) $twin['policy'], 'schools' => Schools::standard()->with(Question::WhenToRead, 'two_agree')->toArray()];
        $day = BenchDay::of([...$twin, 'policy' => $policy])->until('port.first-of-two.read');
        $first = $day->order->step('port.first-of-two.read');
        self::assertSame(10, $day->order->workOf($first)->work->hands->unattendedMin);

        $day->usual($first);
        self::assertTrue($day->log->isDone($first));
        self::assertSame(Advice::Wait, $day->log->oil('port')->advice?->advice);
        self::assertRefused('bench.wrong_kind', 'poured', static fn (): BenchDay => $day->pour('port.first-of-two.read', 100));
        $waited = array_map(
            static fn (Timer $timer): array => [$timer->workId, $timer->until->getTimestamp() - $day->now->getTimestamp()],
            array_filter(
                (new Timers($day->order, $day->log))->running(),
                static fn (Timer $each): bool => Position::Port === $each->position,
            ),
        );
        self::assertSame([['port.reading', 600]], array_values($waited), 'the second is waited for from the first');
        $advised = static fn (string $reading, int $minutes): ?Advice => $day->wait($minutes)
            ->read('port.reading.read', $reading)->log->oil('port')->advice?->advice;
        $tooSoon = static fn (string $reading, int $minutes): \Closure => static fn (): ?Advice => $advised($reading, $minutes);
        self::assertRefused('bench.not_yet', 'Wait 5 min more', $tooSoon('0.65', 5));
        self::assertSame(Advice::Wait, $advised('0.50', 5), 'they do not agree');
        self::assertRefused('bench.not_yet', 'Wait 1 min more', $tooSoon('0.52', 9));
        self::assertSame(Advice::Ok, $advised('0.52', 1));
        self::assertTrue($day->log->isDone($day->order->step('port.reading.read')));
    }

    /** A warm-up run, and then a reading of the old oil that would have settled the step. */
    public function testNoReadingOfTheOldOilCountsForTheNew(): void
    {
        $day = BenchDay::ofTwin()->until('port.gather.gather');
        foreach (['port.first-reading.read', 'port.reading.read'] as $reading) {
            self::assertRefused('bench.not_yet', 'the new oil is not in yet', static fn () => $day->wait(60)->read($reading, '0.60'));
        }
    }

    public function testNoOilGoesInWithoutAnyReading(): void
    {
        $day = BenchDay::ofTwin()->until('port.first-reading.read');

        self::assertRefused(
            'bench.top_up_unsettled',
            'Wait 6 min, read again and enter that reading first.',
            static fn () => $day->pour('port.first-reading.read', 200),
        );
    }

    public function testASettledReadingBelowTheBandAllowsATopUpAndAsksForAnotherReading(): void
    {
        $day = BenchDay::ofTwin()->until('port.first-reading.read')->read('port.first-reading.read', '0.20');
        $before = $day->log->oil('port')->inEngineMl();
        // (0.45 − 0.20) × 920 ml = 230 ml, in steps of 50 ml 200 ml
        self::assertSame([Advice::Add, 200], [$day->log->oil('port')->advice?->advice, $day->log->oil('port')->advice?->amountMl]);
        self::assertRefused('bench.top_up_too_large', '300 ml (10.1 US fl oz)', static fn () => $day->pour('port.first-reading.read', 301));

        $day->pour('port.first-reading.read', 200);
        self::assertNull($day->log->oil('port')->advice);
        self::assertSame($before + 200, $day->log->oil('port')->inEngineMl());
        self::assertFalse($day->log->isDone($day->order->step('port.first-reading.read')));
        $day->wait(5);
        self::assertRefused('bench.not_yet', 'Wait 1 min more', static fn () => $day->read('port.first-reading.read', '0.44'));
        $day->wait(1)->read('port.first-reading.read', '0.44');
        self::assertTrue($day->log->isDone($day->order->step('port.first-reading.read')));
    }

    public function testATopUpThatNobodyAskedForIsRefused(): void
    {
        $day = BenchDay::ofTwin()->until('port.first-reading.read')->read('port.first-reading.read', '0.60');

        self::assertRefused('bench.top_up_unasked', 'does not ask for oil', static fn () => $day->pour('port.first-reading.read', 50));
    }

    public function testTheFinalReadingNeedsTheRunAndItsLongRest(): void
    {
        $day = BenchDay::ofTwin()->until('port.reading.read');
        $stopped = $day->log->oil('port')->eventAt;
        self::assertNotNull($stopped);
        $day->now = $stopped->modify('+24 minutes');
        self::assertRefused('bench.not_yet', 'Wait 1 min more', static fn () => $day->read('port.reading.read', '0.60'));
        $day->now = $stopped->modify('+25 minutes');
        $day->read('port.reading.read', '0.60');

        self::assertSame(Advice::Ok, $day->log->oil('port')->advice?->advice);
        self::assertTrue($day->log->isDone($day->order->step('port.reading.read')));
    }

    public function testTooMuchIsTakenOutOnlyWhenASettledReadingSaysSo(): void
    {
        $day = BenchDay::ofTwin()->until('port.reading.read');
        $takeOut = EntryContent::takenOut(Volume::whole(450));
        self::assertRefused(
            'bench.take_out_unasked',
            'does not ask for oil to be taken out',
            static fn () => $day->enter('port.reading.read', $takeOut),
        );

        $day->read('port.reading.read', '1.10');
        $before = $day->log->oil('port')->inEngineMl();
        // (1.10 − 0.60) × 920 ml = 460 ml, in steps of 50 ml 450 ml
        self::assertSame([Advice::TakeOut, 450], [$day->log->oil('port')->advice?->advice, $day->log->oil('port')->advice?->amountMl]);
        self::assertSame($before - 450, $day->enter('port.reading.read', $takeOut)->log->oil('port')->inEngineMl());
    }

    public function testTheEnginesAreApart(): void
    {
        $day = BenchDay::ofTwin()->until('port.rest.rest');

        self::assertTrue($day->log->oil('port')->hasRun);
        self::assertFalse($day->log->oil('starboard')->hasRun);
    }

    public function testAWarmUpBeforeTheFillIsNoRunOfTheNewOil(): void
    {
        $day = BenchDay::ofTwin()->until('port.first-rest.rest');

        self::assertFalse($day->log->oil('port')->hasRun);
    }

    /** @return iterable<string, array{Observation}> */
    public static function stops(): iterable
    {
        yield 'water in the oil' => [Observation::OilEmulsified];
        yield 'fuel in the oil' => [Observation::OilFuelAndHigh];
        yield 'metal' => [Observation::OilMetal];
    }

    #[DataProvider('stops')]
    public function testAFindingStopsItsEngineButForNotesAndWhatMakesItSafe(Observation $finding): void
    {
        $day = BenchDay::ofTwin()->until('port.drain-valve.look')->see('port.drain-valve.look', $finding);
        self::assertSame([$finding->value], array_column($day->log->stops(), 'key'));
        self::assertRefused('bench.stopped', 'The work is stopped', static fn () => $day->tick('port.filter-off.shut'));

        $day->enter('port.drain-valve.look', EntryContent::note('sample kept'));
        $day->enter('port.close-valve.close', EntryContent::torque(Torque::of('8.5', TorqueUnit::NewtonMetre), 'TW-1'));
        $day->tick('starboard.lock-out.key');
        self::assertSame([$finding->value], array_column($day->log->stops(), 'key'));
    }

    public function testFuelThatLeaksStopsTheWholeRig(): void
    {
        $day = BenchDay::ofTwin()->until('port.leak-check.leaks')->see('port.leak-check.leaks', Observation::LeaksFuel);

        self::assertRefused('bench.stopped', 'The work is stopped', static fn () => $day->tick('starboard.unlock-2.clear'));
        $day->tick('port.leak-check.stop');
        self::assertFalse($day->log->rig()->engine(Position::Port)->isRunning());
    }

    public function testADecisionLetsTheWorkGoOn(): void
    {
        $day = BenchDay::ofTwin()->until('port.drain-valve.look')->see(
            'port.drain-valve.look',
            Observation::OilEmulsified,
        )->decide('port.drain-valve.look');

        self::assertNull($day->log->stoppedBy());
        self::assertNull(BenchLog::replay($day->order, $day->log->entries)->stoppedBy());
        self::assertRefused('bench.nothing_to_decide', 'nothing to decide', static fn () => $day->decide('port.drain-valve.look'));
    }

    public function testAFindingThatIsOnlyNotedDoesNotStop(): void
    {
        $day = BenchDay::ofTwin()->until('port.drain-valve.look')->see('port.drain-valve.look', Observation::OilFineSheen);

        self::assertNull($day->log->stoppedBy());
        self::assertTrue($day->log->isDone($day->order->step('port.drain-valve.look')));
    }

    /** @return iterable<string, array{string, EntryContent}> step, what does not belong there */
    public static function misplaced(): iterable
    {
        yield 'a volume at a plain step' => ['rig.place.level', EntryContent::poured(Volume::whole(100))];
        yield 'a tick at the oil' => ['port.drain-valve.look', EntryContent::tick()];
        yield 'leaks at the oil' => ['port.drain-valve.look', EntryContent::seen(Observation::LeaksDry)];
        yield 'a tick where a torque is asked for' => ['port.close-valve.close', EntryContent::tick()];
        yield 'oil taken out at the fill' => ['port.fill.pour', EntryContent::takenOut(Volume::whole(100))];
        yield 'a step of another order' => ['centre.fill.pour', EntryContent::tick()];
    }

    #[DataProvider('misplaced')]
    public function testAnEntryMustFitItsStepEvenIfItHappenedAllTheSame(string $step, EntryContent $content): void
    {
        foreach ([null, new Told(happened: true)] as $told) {
            try {
                BenchDay::ofTwin()->enter($step, $content, $told);
                self::fail('It was taken.');
            } catch (InvalidEntry $error) {
                self::assertContains($error->errorKey(), ['bench.wrong_kind', 'bench.unknown_step']);
            }
        }
    }

    public function testTorqueAndTurnsOutsideTheSheetsRangeAreRefused(): void
    {
        $tries = [
            ['port.close-valve.close', EntryContent::torque(Torque::of('10.5', TorqueUnit::NewtonMetre), 'TW-1')],
            ['port.filter-on.turn', EntryContent::turns(Turns::of('1'))],
        ];
        foreach ($tries as [$step, $content]) {
            $day = BenchDay::ofTwin()->until($step);
            try {
                $day->enter($step, $content);
                self::fail('It was taken.');
            } catch (InvalidTightening) {
                self::assertNull($day->log->answer($step));
            }
        }
    }

    /** Fuel or water in the oil, or too much of it: it is measured again, and if it is so nobody warms that engine. */
    public function testMoreOilThanTheEngineTakesDoesNotComeOutWithoutAStop(): void
    {
        $day = BenchDay::ofTwin()->until('port.drain-valve.look');
        $takes = $day->order->capacityMl['port'];
        $black = static fn (string $amount, VolumeUnit $unit): EntryContent => EntryContent::seen(
            Observation::OilBlack,
            Volume::of($amount, $unit),
        );
        $look = static fn (EntryContent $seen, ?Told $told = null): BenchDay => (clone $day)->enter('port.drain-valve.look', $seen, $told);

        self::assertSame([], $look($black((string) $takes, VolumeUnit::Millilitre))->log->stops());
        $tooMuch = $black((string) ($takes + 1), VolumeUnit::Millilitre);
        self::assertRefused('bench.more_drained', 'Measure it again.', static fn (): BenchDay => $look($tooMuch));
        self::assertRefused('bench.nothing_drained', 'is left empty', static fn (): BenchDay => $look($black('0', VolumeUnit::Litre)));
        $quarts = Volume::whole(max(0, $takes))->in(VolumeUnit::UsQuart, 2);
        self::assertRefused('bench.other_unit', 'Which unit was it', static fn (): BenchDay => $look($black($quarts, VolumeUnit::Litre)));

        $stopped = $look($tooMuch, new Told(happened: true))->log;
        self::assertSame('port.drain-valve.look', $stopped->stoppedBy()?->stepId);
        self::assertSame(0, $stopped->oil('port')->inEngineMl(), 'what came out is not taken out of the new oil');
    }

    /** The flange has as many as the sheet names, the hidden one too. */
    public function testAsManyFastenersGoBackAsTheSheetNames(): void
    {
        $day = BenchDay::of(Requests::single('K320', 'KT6-30001', 'kestrane-k320', ['water_pump', 'gear_lubricant']))
            ->until('single.lower-unit-on.count');
        $named = $day->order->step('single.lower-unit-on.count')->count ?? 0;
        self::assertGreaterThan(1, $named);

        foreach ([[$named - 1, $named - 1, 'bench.other_count'], [$named - 1, $named, 'bench.counts_differ']] as [$in, $out, $key]) {
            $enter = static fn (): BenchDay => (clone $day)->enter('single.lower-unit-on.count', EntryContent::count($in, $out));
            self::assertRefused($key, (string) $named, $enter);
        }
        $day->enter('single.lower-unit-on.count', EntryContent::count($named, $named));
        self::assertNotNull($day->log->answer('single.lower-unit-on.count'));
    }

    public function testRagsThatDoNotAddUpAreLookedForBeforeTheCowl(): void
    {
        $day = BenchDay::ofTwin()->until('port.cowl-on.count');

        self::assertRefused(
            'bench.counts_differ',
            '4 went in and 3 came out',
            static fn () => $day->enter('port.cowl-on.count', EntryContent::count(4, 3)),
        );
        self::assertRefused(
            'bench.not_yet',
            'Another step of the same work comes before it.',
            static fn () => $day->tick('port.cowl-on.on'),
        );
        $day->couldNot('port.cowl-on.count', 'a rag is missing');
        self::assertRefused('bench.not_yet', 'rags and tools are not counted out', static fn () => $day->tick('port.cowl-on.on'));
    }

    public function testACorrectionStandsWhereTheWrongEntryStood(): void
    {
        $day = BenchDay::ofTwin()->until('port.drain-valve.look')->see('port.drain-valve.look', Observation::OilFineSheen);
        $count = \count($day->log->entries);
        $day->correct($day->last(), EntryContent::seen(Observation::OilBlack));

        self::assertSame(Observation::OilBlack->value, $day->log->answer('port.drain-valve.look')?->as(Seen::class)?->code);
        self::assertCount($count + 1, $day->log->entries);
    }

    public function testACorrectionDoesNotLiftAStop(): void
    {
        $day = BenchDay::ofTwin()->until('port.drain-valve.look')->see('port.drain-valve.look', Observation::OilEmulsified);
        $day->correct($day->last(), EntryContent::seen(Observation::OilBlack));
        self::assertSame('oil_emulsified', $day->log->stoppedBy()?->key, 'it was seen');
        self::assertSame('oil_emulsified', BenchLog::replay($day->order, $day->log->entries)->stoppedBy()?->key, 'after a reload too');
        self::assertRefused('bench.stopped', 'The work is stopped', static fn () => $day->tick('port.filter-off.shut'));

        self::assertNull($day->decide('port.drain-valve.look')->log->stoppedBy());
        self::assertNull(BenchLog::replay($day->order, $day->log->entries)->stoppedBy());
    }

    /** @return iterable<string, array{\Closure(): BenchDay}> */
    public static function waysOut(): iterable
    {
        $black = EntryContent::seen(Observation::OilBlack);
        $milky = EntryContent::seen(Observation::OilEmulsified);
        $atOil = static fn (): BenchDay => BenchDay::ofTwin()->until('port.drain-valve.look');
        yield 'seen, corrected' => [static fn (): BenchDay => $atOil()->see(
            'port.drain-valve.look',
            Observation::OilEmulsified,
        )->correctLast($black)];
        yield 'seen in a correction, corrected again' => [static fn (): BenchDay => $atOil()->see(
            'port.drain-valve.look',
            Observation::OilBlack,
        )->correctLast($milky)->correctLast($black)];
        yield 'seen, taken back' => [static fn (): BenchDay => $atOil()->see(
            'port.drain-valve.look',
            Observation::OilEmulsified,
        )->correctLast(EntryContent::takenBack())];
        yield 'happened, then said not to have been done' => [static fn (): BenchDay => BenchDay::ofTwin()->until('port.close-valve.close')
            ->pour('port.fill.pour', 4900, new Told(happened: true))->correctLast(EntryContent::notDone('it was the other engine'))];
        yield 'happened, taken back' => [static fn (): BenchDay => BenchDay::ofTwin()->until('port.close-valve.close')
            ->pour('port.fill.pour', 4900, new Told(happened: true))->correctLast(EntryContent::takenBack())];
    }

    /** @param \Closure(): BenchDay $way */
    #[DataProvider('waysOut')]
    public function testNoWayOfCorrectingLiftsAStop(\Closure $way): void
    {
        $day = $way();

        self::assertCount(1, $day->log->stops());
        self::assertCount(1, BenchLog::replay($day->order, $day->log->entries)->stops());
    }

    public function testACorrectionThatIsTakenBackLeavesWhatStoodBefore(): void
    {
        $day = BenchDay::ofTwin()->until('port.fill.pour')->pour('port.fill.pour', 4900);
        $day->correctLast(EntryContent::poured(Volume::whole(4500)))->correctLast(EntryContent::takenBack());

        self::assertSame(4900, $day->log->oil('port')->inEngineMl());
    }

    public function testOnlyThePaperSaysWhenSomethingWasDone(): void
    {
        $day = BenchDay::ofTwin()->until('port.fill.pour')->wait(30);
        $earlier = $day->now->modify('-20 minutes');

        self::assertRefused(
            'bench.only_paper_says_when',
            'the clock says when',
            static fn () => $day->pour('port.fill.pour', 4900, new Told($earlier)),
        );
        self::assertSame(4900, $day->pour('port.fill.pour', 4900, new Told($earlier, true))->log->oil('port')->inEngineMl());
    }

    /** Two technicians did it, one of them copies it: nobody knows whose hands were where. */
    public function testThePaperDoesNotSayWhoseHandsItWas(): void
    {
        $day = BenchDay::ofTwin()->until('port.warm-up.tell-tale');
        $day->enter('starboard.lock-out.key', EntryContent::tick(), null, 'bram');
        self::assertRefused('bench.not_yet', 'you are the one who stays by it', static fn () => $day->tick('starboard.cowl-off.off'));
        $day->tick('starboard.cowl-off.off', new Told(fromPaper: true));

        self::assertTrue($day->log->isDone($day->order->step('starboard.cowl-off.off')));
    }

    public function testNobodyTypesTheMinutesByWayOfACorrection(): void
    {
        $day = BenchDay::ofTwin()->until('port.first-reading.read')->read('port.first-reading.read', '0.60');

        self::assertRefused(
            'bench.rest_is_counted',
            'leave the minutes out',
            static fn () => $day->correctLast(EntryContent::level(DipstickReading::of('0.60'), Minutes::count(90))),
        );
    }

    public function testWhatIsSeenToBeWorseAfterwardsStopsTheWorkThoughItHasGoneOn(): void
    {
        $day = BenchDay::ofTwin()->until('port.drain-valve.look')->see('port.drain-valve.look', Observation::OilBlack);
        $seen = $day->last();
        $day->tick('starboard.lock-out.key')->correct($seen, EntryContent::seen(Observation::OilEmulsified));

        self::assertSame('oil_emulsified', $day->log->stoppedBy()?->key);
    }

    public function testAnEngineIsFilledOnce(): void
    {
        $day = BenchDay::ofTwin()->until('port.fill.pour')->pour('port.fill.pour', 4900);
        $first = $day->last();
        try {
            $day->pour('port.fill.pour', 4900);
            self::fail('It was filled twice.');
        } catch (InvalidEntry $error) {
            self::assertSame(['bench.filled_before', $first], [$error->errorKey(), $error->before]);
            self::assertStringContainsString('4.90 l (5.18 US qt)', $error->getMessage());
        }

        $day->correct($first, EntryContent::notDone('It was the other engine.'));
        self::assertSame(4900, $day->pour('port.fill.pour', 4900)->log->oil('port')->inEngineMl());
    }

    public function testAPourIsMoreThanNothing(): void
    {
        $day = BenchDay::ofTwin()->until('port.fill.pour');

        self::assertRefused('bench.nothing_poured', 'enter the amount', static fn () => $day->pour('port.fill.pour', 0));
    }

    public function testACorrectedCorrectionStillStandsInTheFirstPlace(): void
    {
        $day = BenchDay::ofTwin()->until('port.fill.pour')->pour('port.fill.pour', 4000);
        $day->correct($day->last(), EntryContent::poured(Volume::whole(4500)));
        $day->correct($day->last(), EntryContent::poured(Volume::whole(4900)));

        self::assertSame(4900, $day->log->oil('port')->inEngineMl());
    }

    public function testACorrectionIsJudgedInItsPlaceAndIsNoWayAroundAGate(): void
    {
        $day = BenchDay::ofTwin()->until('port.close-valve.close')->couldNot('port.fill.pour', 'the drain is still open');
        $wrong = $day->last();

        self::assertRefused(
            'bench.not_yet',
            'Port: the cowl',
            static fn () => BenchDay::ofTwin()->couldNot('port.fill.pour')->correctLast(EntryContent::poured(Volume::whole(4900))),
        );
        self::assertRefused(
            'bench.not_yet',
            'the drain is still open. First: “Close the drain valve” (Port).',
            static fn () => $day->correct($wrong, EntryContent::poured(Volume::whole(4900))),
        );
    }

    public function testACorrectionNamesAnEntryOfItsOwnStep(): void
    {
        $day = BenchDay::ofTwin()->until('port.fill.pour')->pour('port.fill.pour', 4000);
        $entry = $day->last();
        $refused = 0;
        $told = new Told(why: 'a slip');
        $wrong = [
            $day->entry('port.fill.pour', EntryContent::tick(), 'nobody', $told),
            $day->entry('starboard.fill.pour', EntryContent::poured(Volume::whole(1)), $entry->uuid, $told),
        ];
        foreach ($wrong as $correction) {
            try {
                $day->log->corrected($correction);
            } catch (ExpectedError) {
                ++$refused;
            }
        }
        self::assertSame(2, $refused);
    }

    public function testACorrectionSaysWhyAndItStandsInTheRecord(): void
    {
        $day = BenchDay::ofTwin()->until('port.fill.pour')->pour('port.fill.pour', 4000);
        $slip = $day->last();
        self::assertRefused(
            'bench.correction_without_reason',
            'Say why',
            static fn () => $day->correct($slip, EntryContent::poured(Volume::whole(4900)), new Told()),
        );

        $day->correct($slip, EntryContent::poured(Volume::whole(4900)), new Told(why: 'the jug was read from above'));
        self::assertSame('poured 4.90 l (5.18 US qt) (corrected: the jug was read from above)', $day->last()->asText());
    }

    public function testTheLastEntryCanBeTakenBackForAMinuteByWhoMadeIt(): void
    {
        $day = BenchDay::ofTwin()->until('port.lock-out.key')->tick('port.lock-out.key');
        $slip = $day->last();
        $day->wait(1)->correct($slip, EntryContent::takenBack());
        self::assertFalse($day->log->isDone($day->order->step('port.lock-out.key')));
        self::assertFalse($day->log->rig()->engine(Position::Port)->meets(Gate::LockedOut));

        $again = $day->tick('port.lock-out.key')->last();
        $late = $day->entry('port.lock-out.key', EntryContent::takenBack(), $again->uuid, null, 'mora');
        self::assertRefused('bench.too_late_to_take_back', 'by who made it', static fn () => $day->log->corrected($late));
        $day->now = $day->now->modify('+61 seconds');
        self::assertRefused('bench.too_late_to_take_back', 'within 60 s', static fn () => $day->correct($again, EntryContent::takenBack()));
    }

    /** However it was entered: with readings too soon, corrections, stops, time that passed. */
    public function testALogReadAgainIsTheOneThatWasBuiltUpEntryByEntry(): void
    {
        $day = BenchDay::ofTwin()->until('port.drain-valve.look')->see('port.drain-valve.look', Observation::OilFineSheen);
        $day->correct($day->last(), EntryContent::seen(Observation::OilMetal))->decide('port.drain-valve.look');
        $day->until('port.fill.pour')->pour('port.fill.pour', 6100, new Told(happened: true))->decide('port.fill.pour');
        $day->enter(
            'port.fill.cap',
            EntryContent::waited(Minutes::count(3)),
        )->until('port.reading.read')->read('port.reading.read', '1.10');

        self::assertEquals($day->log, BenchLog::replay($day->order, $day->log->entries));
    }

    public function testACorrectedLogIsTheOneThatWasRightFromTheStart(): void
    {
        $wrong = BenchDay::ofTwin()->until('port.fill.pour')->pour('port.fill.pour', 4000);
        $slip = $wrong->last();
        $wrong->tick('port.fill.cap')->correct($slip, EntryContent::poured(Volume::whole(4900)))->until();
        $right = BenchDay::ofTwin()->until('port.fill.pour')->pour('port.fill.pour', 4900)->tick('port.fill.cap')->until();

        self::assertEquals(self::becameOf($right), self::becameOf($wrong));
    }

    /** @return array<string, mixed> */
    private static function becameOf(BenchDay $day): array
    {
        return [
            'answers' => array_map(static fn (BenchStep $step): ?string => $day->log->answer($step->id)?->asText(), $day->order->steps),
            'oil' => [$day->log->oil('port'), $day->log->oil('starboard')],
            'rig' => $day->log->rig(),
            'tasks' => [$day->log->outcomes()->tasks(Position::Port), $day->log->outcomes()->tasks(Position::Starboard)],
        ];
    }

    public function testWhatMustBeDoneIsNotDoneByAReason(): void
    {
        $day = BenchDay::ofTwin()->couldNot('port.close-valve.close', 'thread stripped')->couldNot('rig.place.cart', 'cart on loan');

        self::assertFalse($day->log->isDone($day->order->step('port.close-valve.close')));
        self::assertTrue($day->log->isDone($day->order->step('rig.place.cart')));
    }

    public function testAWholeJobHasNoObstacleLeft(): void
    {
        $day = BenchDay::ofTwin()->until();
        $poured = $day->order->oils[0]->poured($day->log)->millilitresUp();

        self::assertSame([], self::obstacles($day, left: [self::left(11892, 11892 - $poured)]));
    }

    public function testAnEmptyLogIsAllObstacles(): void
    {
        $day = BenchDay::ofTwin();
        $gates = array_count_values(array_column(self::obstacles($day), 'kind'));

        self::assertSame(['step' => \count($day->order->all)], $gates);
    }

    public function testStoppedWorkIsNotReleased(): void
    {
        $day = BenchDay::ofTwin()->until('port.drain-valve.look')->see('port.drain-valve.look', Observation::OilMetal);

        self::assertSame('stopped', self::obstacles($day)[0]->kind);
    }

    public function testMoreOilThanTheCapacityNeedsARemark(): void
    {
        // 6100 ml are 11.7 % more than 5460 ml
        $day = BenchDay::ofTwin()->until('port.fill.pour');
        $day->pour('port.fill.pour', 6100, new Told(happened: true))->decide('port.fill.pour')->until();
        $left = self::left(11892, 11892 - $day->order->oils[0]->poured($day->log)->millilitresUp());
        $obstacles = self::obstacles($day, left: [$left]);

        self::assertSame(['volume'], array_column($obstacles, 'kind'));
        self::assertSame('Port: 6.10 l (6.45 US qt) went in; the order expects 4.90 l (5.18 US qt) to 5.46 l (5.77 US qt). '
                .'That is more than 10 % apart: say why.', $obstacles[0]->message);
        self::assertCount(1, self::obstacles($day, 'Sump was flushed.', left: [$left]), 'a remark explains nothing by itself');
        self::assertCount(
            1,
            self::obstacles($day, explained: ['oil.10W-40, VO-3' => 'Sump was flushed.'], left: [$left]),
            'nor words about something else',
        );
        self::assertCount(1, self::obstacles($day, explained: ['volume.port' => ' '], left: [$left]), 'nor blanks');
        self::assertSame([], self::obstacles($day, explained: ['volume.port' => 'Sump was flushed.'], left: [$left]));
    }

    public function testOilThatWasOpenedIsAccountedFor(): void
    {
        $day = BenchDay::ofTwin();
        foreach (['port', 'starboard'] as $engine) {
            $day->until("$engine.fill.pour")->pour("$engine.fill.pour", 5450);
        }
        $day->until();
        $messages = static fn (OilLeft ...$left): array => array_column(self::obstacles($day, left: array_values($left)), 'message');

        self::assertSame(
            ['10W-40, VO-3: nobody has said how much is left of what was opened. Measure it, or say that it was not measured.'],
            $messages(),
        );
        // 2 × 5450 ml were poured: of 11 892 ml opened 992 ml should be left, 2 % (237 ml) either way
        self::assertStringStartsWith('10W-40, VO-3: 11892 ml opened, 10900 ml poured, 700 ml left over: 292 ml are missing.', $messages(self::left(11892, 700))[0]);
        self::assertSame([], $messages(self::left(11892, 755)));
        self::assertSame([], $messages(new OilLeft('10W-40', 'VO-3', null, null)), 'nobody measured it');
        self::assertSame([[10900, 237]], array_map(
            static fn (Reconciliation $sum): array => [$sum->poured->millilitresUp(), $sum->missingMl()],
            (new ReleaseGate($day->order, $day->log))->reconciled(new Release(left: [self::left(11892, 755)])),
        ));
    }

    /**
     * @param array<string, string> $explained
     * @param array<string, string> $unfit
     * @param list<OilLeft>         $left
     *
     * @return list<Obstacle>
     */
    private static function obstacles(BenchDay $day, string $remark = '', array $explained = [], array $unfit = [], array $left = []): array
    {
        return (new ReleaseGate($day->order, $day->log))->obstacles(new Release($remark, $explained, $unfit, $left));
    }

    private static function left(int $openedMl, int $leftMl): OilLeft
    {
        return new OilLeft('10W-40', 'VO-3', Volume::ofMillilitres($openedMl), Volume::ofMillilitres($leftMl));
    }

    /** @return iterable<string, array{EntryContent, string}> */
    public static function texts(): iterable
    {
        yield 'torque with its wrench' => [EntryContent::torque(Torque::of('8.5', TorqueUnit::NewtonMetre), 'TW-1'), '8.5 N·m (≈ 6.3 ft·lb) with TW-1'];
        yield 'turns' => [EntryContent::turns(Turns::of('3/4')), '¾ turn after contact'];
        yield 'poured' => [EntryContent::poured(Volume::whole(4900)), 'poured 4.90 l (5.18 US qt)'];
        yield 'taken out' => [EntryContent::takenOut(Volume::whole(450)), 'took out 450 ml (15.2 US fl oz)'];
        yield 'a level' => [EntryContent::level(DipstickReading::of('0.60'), Minutes::none()), 'level 0.6 after 0 min of rest'];
        yield 'a count' => [EntryContent::count(4, 4), '4 in, 4 out'];
        yield 'seen' => [EntryContent::seen(Observation::TellTaleSteady), 'Steady'];
        yield 'could not' => [EntryContent::notDone('seized'), 'could not: seized'];
        yield 'decided' => [EntryContent::decision('go on'), 'decision: go on'];
        yield 'noted' => [EntryContent::note('hidden screw'), 'hidden screw'];
        yield 'ticked' => [EntryContent::tick(), 'done'];
    }

    #[DataProvider('texts')]
    public function testAnEntryReadsAsInTheRecord(EntryContent $content, string $text): void
    {
        self::assertSame($text, $content->asText());
    }

    /** @param \Closure(): mixed $try */
    private static function assertRefused(string $key, string $words, \Closure $try): void
    {
        try {
            $try();
            self::fail('It was taken.');
        } catch (InvalidEntry $error) {
            self::assertSame($key, $error->errorKey());
            self::assertStringContainsString($words, $error->getMessage());
        }
    }
}
