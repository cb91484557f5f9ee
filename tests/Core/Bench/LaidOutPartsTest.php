<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Bench;

use FreshTack\Core\Bench\BenchLog;
use FreshTack\Core\Bench\Claims;
use FreshTack\Core\Bench\EntryContent;
use FreshTack\Core\Bench\HeldParts;
use FreshTack\Core\Bench\InvalidEntry;
use FreshTack\Core\Bench\IssuedOrderReader;
use FreshTack\Core\Bench\Obstacle;
use FreshTack\Core\Bench\PartAtEngine;
use FreshTack\Core\Bench\Release;
use FreshTack\Core\Bench\ReleaseGate;
use FreshTack\Core\Bench\ShopSide;
use FreshTack\Core\Bench\Told;
use FreshTack\Core\Bench\WrenchRules;
use FreshTack\Core\Plan\Position;
use FreshTack\Tests\Support\BenchDay;
use FreshTack\Tests\Support\Requests;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The sheet only asks to look at the belt; a new one, QV-61080, lies ready for it. */
final class LaidOutPartsTest extends TestCase
{
    private const LOOK = 'single.belt-look.turn';
    private const BELT = 'QV-61080';

    public function testItIsAskedWhetherALaidOutPartWentOn(): void
    {
        $day = self::day()->until();
        self::assertSame([[self::BELT, 'unsaid', null]], self::belt($day));
        self::assertSame([self::LOOK], self::asked($day));

        $day->enter(self::LOOK, EntryContent::partUsed(self::BELT, 1));
        self::assertSame([[self::BELT, 'fitted', 1]], self::belt($day));
        self::assertSame([], self::asked($day));
    }

    public function testWhatWasNotNeededGoesBack(): void
    {
        $day = self::day()->until()->enter(self::LOOK, EntryContent::partUsed(self::BELT, 0));

        self::assertSame([[self::BELT, 'not_fitted', 0]], self::belt($day));
        self::assertSame([], self::asked($day));
    }

    public function testALookThatWasNotTakenAsksForNothing(): void
    {
        $day = self::day()->until(self::LOOK)->enter(self::LOOK, EntryContent::notDone('no time', null, true))->until();

        self::assertSame([[self::BELT, 'not_fitted', 0]], self::belt($day));
        self::assertSame([], self::asked($day));
    }

    public function testItIsCorrectedWithAReason(): void
    {
        $day = self::day()->until()->enter(self::LOOK, EntryContent::partUsed(self::BELT, 1));
        $day->correctLast(EntryContent::partUsed(self::BELT, 0));

        self::assertSame([[self::BELT, 'not_fitted', 0]], self::belt($day));
    }

    public function testItIsSaidOnce(): void
    {
        $day = self::day()->until()->enter(self::LOOK, EntryContent::partUsed(self::BELT, 1));

        self::assertSame('bench.part_said', self::refusal($day, EntryContent::partUsed(self::BELT, 0)));
    }

    /** @return iterable<string, array{string, int, string}> */
    public static function lies(): iterable
    {
        yield 'more than lay there' => [self::BELT, 2, 'bench.more_than_laid_out'];
        yield 'another number' => ['QV-61280', 1, 'bench.not_laid_out'];
    }

    #[DataProvider('lies')]
    public function testOnlyWhatLayThereCanBeOn(string $number, int $count, string $key): void
    {
        self::assertSame($key, self::refusal(self::day()->until(), EntryContent::partUsed($number, $count)));
    }

    public function testNothingIsOnBeforeItsOperationMayBegin(): void
    {
        $day = self::day()->until('single.cowl-off.off');

        self::assertSame('bench.not_yet', self::refusal($day, EntryContent::partUsed(self::BELT, 1)));
    }

    public function testANumberThatNobodyHeldAgainstTheEngineIsNotFitted(): void
    {
        $day = self::day()->until();
        $entry = $day->entry(self::LOOK, EntryContent::partUsed(self::BELT, 1));
        $engine = $day->order->engines[Position::Single->value];
        $with = static fn (HeldParts $held): ShopSide => new ShopSide(new WrenchRules([], $day->now), $held, Claims::of());

        self::assertSame(
            $day->log->with($entry, $with(HeldParts::none()->with($engine, self::BELT)))->entries[\count($day->log->entries)],
            $entry,
        );
        $this->expectExceptionMessage('Nobody has held QV-61080 against this engine yet');
        $day->log->with($entry, $with(HeldParts::none()));
    }

    /** Numbers of digits alone are keys of another kind. */
    public function testNumbersOfDigitsAreHeldToo(): void
    {
        $held = HeldParts::none()->with('Port', '61080')->with('Port', '61280');

        self::assertSame(['61290'], $held->missing('Port', ['61080', '61280', '61290']));
    }

    public function testTheLogReplayedSaysTheSame(): void
    {
        $day = self::day()->until()->enter(self::LOOK, EntryContent::partUsed(self::BELT, 1));
        $day->correct($day->last(), EntryContent::partUsed(self::BELT, 0), new Told(why: 'the old one was good'));
        $replayed = BenchLog::replay($day->order, $day->log->entries);

        self::assertEquals($day->log->outcomes()->parts(Position::Single), $replayed->outcomes()->parts(Position::Single));
    }

    /** Orders of before name only the operation that needs a part first. */
    public function testAnOrderOfBeforeAsksTheSame(): void
    {
        $document = Requests::document(self::request());
        \assert(\is_array($document['parts']));
        $document['parts'] = array_map(
            static fn (mixed $part): array => array_diff_key((array) $part, ['uses' => true]),
            $document['parts'],
        );
        $day = new BenchDay(IssuedOrderReader::read($document));

        self::assertSame([[self::BELT, 'unsaid', null]], self::belt($day->until()));
    }

    /** @return array<mixed> */
    private static function request(): array
    {
        return Requests::single('K165', 'KS4-10412', 'kestrane-k165-early', ['accessory_belt']);
    }

    private static function day(): BenchDay
    {
        return BenchDay::of(self::request());
    }

    /** @return list<array{string, string, int|null}> */
    private static function belt(BenchDay $day): array
    {
        return array_map(
            static fn (PartAtEngine $part): array => [$part->number, $part->fate->value, $part->fitted],
            $day->log->outcomes()->parts(Position::Single),
        );
    }

    /** @return list<string> the steps at which a part is asked for */
    private static function asked(BenchDay $day): array
    {
        $obstacles = (new ReleaseGate($day->order, $day->log))->obstacles(new Release());

        return array_column(array_filter($obstacles, static fn (Obstacle $each): bool => 'laid_out' === $each->kind), 'at');
    }

    private static function refusal(BenchDay $day, EntryContent $content): ?string
    {
        try {
            $day->enter(self::LOOK, $content);
        } catch (InvalidEntry $error) {
            return $error->errorKey();
        }

        return null;
    }
}
