<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Bench;

use Brick\Math\BigDecimal;
use FreshTack\Core\Bench\BenchLog;
use FreshTack\Core\Bench\BenchStep;
use FreshTack\Core\Bench\Claims;
use FreshTack\Core\Bench\EntryContent;
use FreshTack\Core\Bench\Finding;
use FreshTack\Core\Bench\HeldParts;
use FreshTack\Core\Bench\InvalidEntry;
use FreshTack\Core\Bench\Obstacle;
use FreshTack\Core\Bench\PartAtEngine;
use FreshTack\Core\Bench\PartFate;
use FreshTack\Core\Bench\Release;
use FreshTack\Core\Bench\ReleaseGate;
use FreshTack\Core\Bench\ShopSide;
use FreshTack\Core\Bench\Stop;
use FreshTack\Core\Bench\Told;
use FreshTack\Core\Bench\WrenchRules;
use FreshTack\Core\Finding\CameOut;
use FreshTack\Core\Finding\Measure;
use FreshTack\Core\Finding\PlaceAnswer;
use FreshTack\Core\Finding\Settlement;
use FreshTack\Core\Finding\Spot;
use FreshTack\Core\Finding\Verdict;
use FreshTack\Core\Plan\Position;
use FreshTack\Tests\Support\BenchDay;
use FreshTack\Tests\Support\Requests;
use PHPUnit\Framework\TestCase;

/** What is measured, seen and come upon at the bench, on the demo's early K165. */
final class FindingsTest extends TestCase
{
    public function testASoundBeltIsNoFinding(): void
    {
        $day = self::day('accessory_belt')->until();

        self::assertSame([], $day->log->findings());
        self::assertSame('Sound all round', $day->log->answer('single.belt-look.turn')?->asText());
    }

    public function testAWornBeltIsDecidedAboutBeforeTheRelease(): void
    {
        $day = self::day('accessory_belt')->until('single.belt-look.turn')->enter(
            'single.belt-look.turn',
            self::choice('belt_worn'),
        )->until();
        self::assertSame(['single.belt-look.turn'], self::undecided($day));

        $day->enter(
            'single.belt-look.turn',
            self::settled($day->log->findings()[0], Settlement::Waits, 'Till the next visit; Mr Moor told.'),
        );
        self::assertSame([], self::undecided($day));
        self::assertSame('may wait: Till the next visit; Mr Moor told.', $day->log->findings()[0]->settled?->asText());
    }

    /** The decision was about another answer. */
    public function testACorrectedAnswerIsDecidedAboutAnew(): void
    {
        $day = self::day('accessory_belt')->until('single.belt-look.turn')->enter('single.belt-look.turn', self::choice('belt_worn'));
        $worn = $day->last();
        $day->enter('single.belt-look.turn', self::settled($day->log->findings()[0], Settlement::Done));
        $day->correct($worn, self::choice('belt_oily'));
        self::assertSame(
            [['Oily', null]],
            array_map(static fn (Finding $each): array => [$each->text, $each->settled], $day->log->findings()),
        );

        $day->correct($day->last(), self::choice('belt_sound'), new Told(why: 'It was the light.'));
        self::assertSame([], $day->log->findings());
    }

    public function testChipsOnTheMagnetStopTheEngine(): void
    {
        $day = self::day('gear_lubricant')->until('single.gear-drain.magnet')->enter(
            'single.gear-drain.magnet',
            self::choice('magnet_chips'),
        );
        $stop = $day->log->stoppedBy();

        self::assertSame(['magnet_chips', Position::Single], [$stop?->key, $stop?->position]);
        self::assertSame('Chips', Stop::labelOf('magnet_chips'));
        $day->correctLast(self::choice('magnet_clean'));
        self::assertNotNull($day->log->stoppedBy(), 'a correction does not lift it');
        self::assertNull($day->decide('single.gear-drain.magnet')->log->stoppedBy());
    }

    /** 0.5 l instead of 0.83 to 1.01 l. */
    public function testAGearcaseThatTookTooLittleIsAFinding(): void
    {
        $step = self::stepOf(self::day('gear_lubricant'), Measure::GearPoured);
        $day = self::day('gear_lubricant')->until($step->id)->enter($step->id, self::figure('0.5'));

        self::assertSame(['500 ml (16.9 US fl oz)'], array_map(static fn (Finding $each): string => $each->text, $day->log->findings()));
    }

    public function testAGapIsSetBeforeItIsEntered(): void
    {
        $day = self::day('spark_plugs');
        $step = self::stepOf($day, Measure::PlugGap);
        $gaps = EntryContent::measured(array_map(
            static fn (int $plug): PlaceAnswer => new PlaceAnswer((string) $plug, figures: [BigDecimal::of(3 === $plug ? '0.9' : '1.0')]),
            range(1, 4),
        ));
        $day->until($step->id);
        try {
            $day->enter($step->id, $gaps);
            self::fail('It was taken.');
        } catch (InvalidEntry $error) {
            self::assertSame(
                ['bench.not_set', 'Plug 3: 0.9 mm (0.035 in). Outside 1.0 – 1.1 mm: it is set, then measured again.'],
                [$error->errorKey(), $error->getMessage()],
            );
        }

        $day->enter($step->id, $gaps, new Told(happened: true));
        self::assertNotNull($day->log->stoppedBy(), 'what happened all the same stops the engine');
    }

    public function testAStepThatMeasuresTakesNoTick(): void
    {
        $day = self::day('accessory_belt')->until('single.belt-look.turn');
        $this->expectExceptionMessage('This step asks for "measured", not for "tick".');
        $day->tick('single.belt-look.turn');
    }

    /** One of three anodes is spent; a new one goes on there, two go back. */
    public function testARenewedAnodeIsAPartThatWentOn(): void
    {
        $day = self::day('external_anodes');
        $step = self::stepOf($day, Measure::AnodeLeft);
        $given = [new PlaceAnswer('1', share: 80), new PlaceAnswer('2', share: 30, renewed: true), new PlaceAnswer('3', share: 60)];
        $day->until($step->id)->enter($step->id, EntryContent::measured($given))->until();

        self::assertSame([], $day->log->findings());
        self::assertSame([['QV-61060', 'not_fitted', 0], ['QV-61061', 'fitted', 1]], array_map(
            static fn (PartAtEngine $part): array => [$part->number, $part->fate->value, $part->fitted],
            $day->log->outcomes()->parts(Position::Single),
        ));
        self::assertSame([], array_filter(
            (new ReleaseGate($day->order, $day->log))->obstacles(new Release()),
            static fn (Obstacle $each): bool => 'laid_out' === $each->kind,
        ), 'nobody is asked twice');
    }

    public function testAnAnodeThatIsSpentAndStaysIsAFinding(): void
    {
        $day = self::day('external_anodes');
        $step = self::stepOf($day, Measure::AnodeLeft);
        $given = [new PlaceAnswer('1', share: 50), new PlaceAnswer('2', share: 51), new PlaceAnswer('3', share: 51)];
        $day->until($step->id)->enter($step->id, EntryContent::measured($given));

        self::assertSame(['trim tab: 50 % left'], array_map(static fn (Finding $each): string => $each->text, $day->log->findings()));
        self::assertSame([PartFate::NotFitted, PartFate::NotFitted], array_map(
            static fn (PartAtEngine $part): PartFate => $part->fate,
            $day->log->outcomes()->parts(Position::Single),
        ));
    }

    public function testAnAnodeThatNobodyHeldAgainstTheEngineIsNotOn(): void
    {
        $day = self::day('external_anodes');
        $step = self::stepOf($day, Measure::AnodeLeft);
        $given = [new PlaceAnswer('1', share: 20, renewed: true), new PlaceAnswer('2', share: 60), new PlaceAnswer('3', share: 60)];
        $day->until($step->id);
        $this->expectExceptionMessage('Nobody has held QV-61060 against this engine yet');
        $day->log->with(
            $day->entry($step->id, EntryContent::measured($given)),
            new ShopSide(new WrenchRules([], $day->now), HeldParts::none()->with('Engine', 'QV-61061'), Claims::of()),
        );
    }

    /** A belt that is worn does not become a note, nor a word about a part a decision. */
    public function testWhatWasFoundIsNotExplainedAwayByAnotherKind(): void
    {
        $day = self::day('accessory_belt')->until('single.belt-look.turn')->enter('single.belt-look.turn', self::choice('belt_worn'));
        $worn = $day->last();
        $day->enter('single.belt-look.turn', EntryContent::found(Spot::Cowl, 'latch worn', Verdict::Finding));
        $latch = $day->last();
        $tries = [
            [$worn, EntryContent::note('It looked worse than it is.')],
            [$worn, EntryContent::partUsed('QV-61080', 1)],
            [$worn, EntryContent::tick()],
            [$latch, EntryContent::note('never mind')],
            [$latch, self::settled($day->log->findings()[0], Settlement::Done)],
        ];
        foreach ($tries as [$wrong, $instead]) {
            try {
                $day->correct($wrong, $instead);
                self::fail($instead->asText());
            } catch (InvalidEntry $error) {
                self::assertContains($error->errorKey(), ['bench.corrected_by_other', 'bench.wrong_kind']);
            }
        }
        self::assertCount(2, $day->log->findings());
    }

    /** Each anode is asked for by itself: nobody says it once more for all of them. */
    public function testAPartThatIsAskedForByPlaceIsSaidThere(): void
    {
        $day = self::day('external_anodes');
        $step = self::stepOf($day, Measure::AnodeLeft);
        $this->expectExceptionMessage('is said where each of them is looked at');
        $day->until($step->id)->enter($step->id, EntryContent::partUsed('QV-61061', 2));
    }

    public function testSomethingFoundBesideIsDecidedAboutToo(): void
    {
        $day = self::day('accessory_belt')->until('single.belt-look.turn')
            ->enter('single.belt-look.turn', EntryContent::found(Spot::Gearcase, 'skeg cracked', Verdict::Finding))
            ->enter('single.belt-look.turn', EntryContent::found(Spot::Cowl, 'latch worn', Verdict::Note))
            ->until();

        self::assertSame(
            ['found at the gearcase: skeg cracked'],
            array_map(static fn (Finding $each): string => $each->text, $day->log->findings()),
        );
        $day->enter('single.belt-look.turn', self::settled($day->log->findings()[0], Settlement::Owner, 'Told on the phone.'));
        self::assertSame([], self::undecided($day));
    }

    public function testSomethingFoundThatIsBadEnoughStopsTheEngine(): void
    {
        $day = self::day('accessory_belt')->enter(
            'single.belt-look.turn',
            EntryContent::found(Spot::Bracket, 'clamp bracket cracked', Verdict::Stop),
        );

        self::assertSame('found at the bracket and tilt: clamp bracket cracked', $day->log->stoppedBy()?->label);
    }

    public function testADecisionAboutNothingIsRefused(): void
    {
        $day = self::day('accessory_belt')->until();
        $this->expectExceptionMessage('is not in the log any more');
        $day->enter('single.belt-look.turn', EntryContent::settled('entry-1', '1', Settlement::Done, ''));
    }

    /** More than it takes was fuel, water or too much oil; little is how some engines come. */
    public function testMoreOldOilThanTheEngineTakesIsDecidedAbout(): void
    {
        foreach (['more' => 1, 'usual' => 0, 'little' => 0] as $word => $findings) {
            $day = BenchDay::ofTwin()->until('port.drain-valve.look')
                ->enter('port.drain-valve.look', EntryContent::seenAs('oil_black', null, CameOut::from($word)));

            self::assertCount($findings, $day->log->findings(), $word);
            self::assertTrue($day->log->isDone($day->order->step('port.drain-valve.look')));
        }
    }

    public function testTheLogReplayedHasTheSameFindings(): void
    {
        $day = self::day('accessory_belt')->until('single.belt-look.turn')->enter('single.belt-look.turn', self::choice('belt_worn'));
        $day->enter('single.belt-look.turn', self::settled($day->log->findings()[0], Settlement::Done))->until();

        self::assertEquals($day->log->findings(), BenchLog::replay($day->order, $day->log->entries)->findings());
    }

    private static function day(string $task): BenchDay
    {
        return BenchDay::of(Requests::single('K165', 'KS4-10412', 'kestrane-k165-early', [$task]));
    }

    private static function stepOf(BenchDay $day, Measure $measure): BenchStep
    {
        foreach ($day->order->steps as $step) {
            if ($measure === $step->measure?->measure) {
                return $step;
            }
        }
        self::fail('It is not asked for.');
    }

    private static function choice(string $code): EntryContent
    {
        return EntryContent::measured([new PlaceAnswer('1', $code)]);
    }

    private static function figure(string $figure): EntryContent
    {
        return EntryContent::measured([new PlaceAnswer('1', figures: [BigDecimal::of($figure)])]);
    }

    private static function settled(Finding $finding, Settlement $how, string $words = 'A new one is on.'): EntryContent
    {
        return EntryContent::settled($finding->entry, $finding->place, $how, $words);
    }

    /** @return list<string> steps at which something was found and nobody has decided */
    private static function undecided(BenchDay $day): array
    {
        $obstacles = (new ReleaseGate($day->order, $day->log))->obstacles(new Release());

        return array_column(array_filter($obstacles, static fn (Obstacle $each): bool => 'finding' === $each->kind), 'at');
    }
}
