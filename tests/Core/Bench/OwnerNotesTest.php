<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Bench;

use FreshTack\Core\Bench\BenchStep;
use FreshTack\Core\Bench\Entry;
use FreshTack\Core\Bench\EntryContent;
use FreshTack\Core\Bench\OwnerNotes;
use FreshTack\Core\Bench\RecordSection;
use FreshTack\Core\Bench\Release;
use FreshTack\Core\Bench\Said\Seen;
use FreshTack\Core\Bench\Told;
use FreshTack\Core\Bench\Waste;
use FreshTack\Core\Bench\WasteKind;
use FreshTack\Core\Bench\WasteOfOrder;
use FreshTack\Core\Finding\Observation;
use FreshTack\Core\Finding\Settlement;
use FreshTack\Core\Finding\Spot;
use FreshTack\Core\Finding\Verdict;
use FreshTack\Core\Plan\Position;
use FreshTack\Core\Quantity\EngineHours;
use FreshTack\Core\Quantity\Volume;
use FreshTack\Tests\Support\BenchDay;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What an owner's page tells beside the work itself. */
final class OwnerNotesTest extends TestCase
{
    public function testAnEngineOfAGoodDayHasNothingToWatchAndWasNotTriedOnTheWater(): void
    {
        $day = BenchDay::ofTwin()->until();
        $notes = new OwnerNotes($day->order, $day->log);

        self::assertSame([], $notes->watch(Position::Port));
        self::assertSame(
            ['It was not tried under load on the water: full throttle, and shifting under way.'],
            $notes->untested(Position::Port),
        );
    }

    /** Oil and filter: every 160 h or 12 months; nothing where nobody knows the hours. */
    public function testItIsDueAgainByTheFirstOfAllThatWasDone(): void
    {
        $day = BenchDay::ofTwin()->until();
        $notes = new OwnerNotes($day->order, $day->log);
        $next = static fn (?EngineHours $now): array => array_map(
            static fn (\DateTimeImmutable|EngineHours|null $each): ?string => $each instanceof EngineHours
                ? $each->text()
                : $each?->format('Y-m-d'),
            $notes->next(Position::Port, new \DateTimeImmutable('2026-03-18'), $now),
        );

        self::assertSame(['2027-03-18', '771.4'], $next(EngineHours::of('611.4')));
        self::assertSame(['2027-03-18', null], $next(null));
        $none = BenchDay::ofTwin();
        self::assertSame(
            [null, null],
            (new OwnerNotes($none->order, $none->log))->next(Position::Port, $none->now, EngineHours::of('611.4')),
        );
    }

    public function testAnEngineThatWasNotStartedWasNotRun(): void
    {
        foreach (['port.lock-out.key', 'port.close-valve.close'] as $before) {
            $day = BenchDay::ofTwin()->until($before);

            self::assertSame(
                'The engine was not run after the work.',
                (new OwnerNotes($day->order, $day->log))->untested(Position::Port)[0],
                'a run to warm the oil says nothing of the work after it',
            );
        }
    }

    public function testWhatWasFoundIsWatchedUntilItIsPutRight(): void
    {
        $day = BenchDay::ofTwin()->until('port.cowl-off.off')
            ->enter('port.cowl-off.off', EntryContent::found(Spot::Cowl, 'latch worn', Verdict::Finding))
            ->until();
        $watch = static fn (): array => (new OwnerNotes($day->order, $day->log))->watch(Position::Port);
        self::assertCount(1, $watch());
        self::assertStringContainsString('nobody has decided about it', $watch()[0]);

        $finding = $day->log->findings()[0];
        $day->enter('port.cowl-off.off', EntryContent::settled($finding->entry, $finding->place, Settlement::Waits, 'Till spring; told.'));
        self::assertStringEndsWith('; may wait: Till spring; told.', $watch()[0]);
        self::assertSame([], (new OwnerNotes($day->order, $day->log))->watch(Position::Starboard));

        $day->enter('port.cowl-off.off', EntryContent::settled($finding->entry, $finding->place, Settlement::Done, 'New latch.'));
        self::assertSame([], $watch());
    }

    /** @return iterable<string, array{EntryContent, bool, RecordSection}> */
    public static function sections(): iterable
    {
        yield 'old oil' => [EntryContent::seen(Observation::OilBlack), false, RecordSection::AsFound];
        yield 'the level on arrival' => [EntryContent::seen(Observation::ArrivalLow), false, RecordSection::AsFound];
        yield 'leaks' => [EntryContent::seen(Observation::LeaksDry), false, RecordSection::Measured];
        yield 'a pour' => [EntryContent::poured(Volume::whole(4900)), false, RecordSection::Measured];
        yield 'a pour that was not to be' => [EntryContent::poured(Volume::whole(4900)), true, RecordSection::Deviation];
        yield 'what was not done' => [EntryContent::notDone('seized'), false, RecordSection::NotDone];
        yield 'a note' => [EntryContent::note('a note'), false, RecordSection::Log];
        yield 'a decision' => [EntryContent::decision('go on'), false, RecordSection::Deviation];
    }

    #[DataProvider('sections')]
    public function testEachEntryStandsWhereAnOwnerLooksForIt(EntryContent $content, bool $happened, RecordSection $section): void
    {
        $day = BenchDay::ofTwin();
        $told = new Told(happened: $happened);
        $code = $content->as(Seen::class)->code ?? '';
        $asks = Observation::tryFrom($code)?->question() ?? 'poured';
        $step = new BenchStep('port.fill.pour', Position::Port, 'Port', 'Fill the oil', $asks, true, null, null, null);
        $entry = new Entry('00000000-0000-4000-8000-00000000abcd', $step->id, $content, null, 'ada', $day->now, $told);

        self::assertSame($section, RecordSection::of($entry, $step));
    }

    public function testWhatTheWorkLeavesIsToldUntilItIsWrittenDown(): void
    {
        $day = BenchDay::ofTwin();
        self::assertSame([], (new WasteOfOrder($day->order, $day->log))->engines(), 'nothing was done yet');
        $day->until();
        $waste = new WasteOfOrder($day->order, $day->log);

        self::assertSame(['engine_oil' => 2, 'oil_filters' => 2], $waste->engines());
        $release = new Release(waste: [new Waste(WasteKind::OilFilters, 2, 'filter drum')]);
        self::assertSame(
            ['Oil filters, drained: 2, into filter drum.', 'Used engine oil: nobody wrote down where it went.'],
            $waste->told($release),
        );
        self::assertSame(
            'Used engine oil: 9.80 l (10.36 US qt), into used-oil tank.',
            (new Waste(WasteKind::EngineOil, Volume::whole(9800), 'used-oil tank'))->asText(),
        );
    }

    public function testOilThatWasMeasuredAsItCameOutIsAddedUp(): void
    {
        $day = BenchDay::ofTwin()->until('port.drain-valve.look');
        $day->enter('port.drain-valve.look', EntryContent::seen(Observation::OilBlack, Volume::whole(4700)));
        $day->until('starboard.drain-valve.look');
        $day->enter('starboard.drain-valve.look', EntryContent::seen(Observation::OilBlack, Volume::whole(4650)));

        // 4.70 l + 4.65 l
        self::assertSame(9350, (new WasteOfOrder($day->order, $day->log))->drainedOil()?->millilitresUp());
    }
}
