<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Bench;

use FreshTack\Core\Bench\Claim;
use FreshTack\Core\Bench\Claims;
use FreshTack\Core\Bench\Entry;
use FreshTack\Core\Bench\EntryContent;
use FreshTack\Core\Bench\HeldParts;
use FreshTack\Core\Bench\InvalidEntry;
use FreshTack\Core\Bench\IssuedWork;
use FreshTack\Core\Bench\ShopSide;
use FreshTack\Core\Bench\Told;
use FreshTack\Core\Bench\WrenchRules;
use FreshTack\Tests\Support\BenchDay;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Who has taken on what, where two work at one order. */
final class ClaimsTest extends TestCase
{
    /** @return iterable<string, array{list<Claim>, string|null, string|null}> what is held, who comes, whose it is then */
    public static function hands(): iterable
    {
        $port = self::claim('port', 'bram');
        yield 'nobody has it' => [[], 'ada', null];
        yield 'somebody else has the engine' => [[$port], 'ada', 'bram'];
        yield 'one has it oneself' => [[$port], 'bram', null];
        yield 'the other engine is no matter' => [[self::claim('starboard', 'bram')], 'ada', null];
        yield 'the engine is theirs, and this is one’s own' => [[$port, self::claim('port.cowl-off', 'ada')], 'ada', null];
        yield 'the engine is one’s own, and this is theirs' => [[$port, self::claim('port.cowl-off', 'ada')], 'bram', 'ada'];
        yield 'nobody knows whose hands it was' => [[$port], null, null];
    }

    /** @param list<Claim> $claims */
    #[DataProvider('hands')]
    public function testAnOperationIsWhoseItIsOrWhoseItsEngineIs(array $claims, ?string $by, ?string $bars): void
    {
        self::assertSame($bars, Claims::of(...$claims)->barring(self::work(), $by)?->by);
    }

    public function testWhatSomebodyElseHasIsNotEnteredAndIsAfterItIsTakenOver(): void
    {
        $day = BenchDay::ofTwin()->until('port.cowl-off.off');
        $entry = self::tick($day, 'ada');
        try {
            $day->log->with($entry, self::shop($day, self::claim('port', 'bram')));
            self::fail('Bram has this engine.');
        } catch (InvalidEntry $refused) {
            self::assertSame('Port: somebody else has taken this on. Ask them, or take it over.', $refused->getMessage());
            self::assertSame('bram', $refused->claim?->by);
        }

        self::assertCount(
            \count($day->log->entries) + 1,
            $day->log->with($entry, self::shop($day, self::claim('port', 'ada')))->entries,
        );
    }

    public function testTheOperationIsNamedWhereThatIsWhatWasTakenOn(): void
    {
        $day = BenchDay::ofTwin()->until('port.cowl-off.off');
        $this->expectExceptionMessage('“'.self::work()->work->title.'”: somebody else has taken this on.');

        $day->log->with(self::tick($day, 'ada'), self::shop($day, self::claim('port.cowl-off', 'bram')));
    }

    public function testThePaperAndWordsAreTakenFromAnybody(): void
    {
        $day = BenchDay::ofTwin()->until('port.cowl-off.off');
        $shop = self::shop($day, self::claim('port', 'bram'));
        $note = new Entry('00000000-0000-4000-8000-00000000abcd', 'port.cowl-off.off', EntryContent::note('Seen.'), null, 'ada', $day->now);
        $paper = self::tick($day, 'ada', new Told(fromPaper: true));

        foreach ([$note, $paper] as $entry) {
            self::assertCount(\count($day->log->entries) + 1, $day->log->with($entry, $shop)->entries);
        }
    }

    private static function claim(string $of, string $by): Claim
    {
        return new Claim($of, $by, new \DateTimeImmutable('2026-03-18 09:10'));
    }

    private static function work(): IssuedWork
    {
        return BenchDay::ofTwin()->order->work('port.cowl-off') ?? self::fail('The twin has its cowls taken off.');
    }

    private static function tick(BenchDay $day, string $by, Told $told = new Told()): Entry
    {
        return new Entry('00000000-0000-4000-8000-00000000abce', 'port.cowl-off.off', EntryContent::tick(), null, $by, $day->now, $told);
    }

    private static function shop(BenchDay $day, Claim ...$claims): ShopSide
    {
        return new ShopSide(new WrenchRules([], $day->now), HeldParts::none(), Claims::of(...$claims));
    }
}
