<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Parts;

use Eris\Generators;
use Eris\TestTrait;
use FreshTack\Core\Parts\KitLine;
use FreshTack\Core\Parts\PartDemand;
use FreshTack\Core\Parts\PartLine;
use FreshTack\Core\Parts\PartsPlan;
use FreshTack\Core\Parts\PartsPlanner;
use FreshTack\Core\Parts\PartsShelf;
use FreshTack\Core\Parts\ShelfPart;
use FreshTack\Core\Plan\Position;
use PHPUnit\Framework\TestCase;

final class PartsPlannerTest extends TestCase
{
    use TestTrait;

    public function testEqualNumbersBecomeOneLineForBothEngines(): void
    {
        $lines = self::plan([self::demand('F', 1, Position::Port), self::demand('F', 1, Position::Starboard), self::demand('S', 2)])->lines;

        self::assertSame([['F', 2, 2], ['S', 2, 1]], array_map(static fn (PartLine $line): array => [$line->number, $line->count, \count($line->positions)], $lines));
    }

    public function testAnOldNumberLeadsToTheCurrentOneAndBothAreShown(): void
    {
        $line = self::plan([self::demand('OLD', 1), self::demand('F', 1, Position::Starboard)])->lines[0];

        self::assertSame(['F', 2, ['OLD', 'OLDER']], [$line->number, $line->count, $line->instead]);
    }

    public function testAKitIsOfferedWhereItIsCheaperAndSaysWhatItLeavesOver(): void
    {
        // loose: 900 + 2 × 150 = 1200; the kit costs 1000 and holds a third seal
        $offer = self::plan([self::demand('F', 1), self::demand('S', 2)])->kits[0];

        self::assertSame([1, ['F' => 1, 'S' => 2], ['S' => 1], 200, false, 'It costs less than its pieces.'], [$offer->count, $offer->covers, $offer->leavesOver, $offer->savesMinor(), $offer->taken, $offer->reason()]);
    }

    public function testAKitIsNotOfferedWhereItCostsMore(): void
    {
        self::assertSame([], self::plan([self::demand('S', 2)])->kits);
    }

    public function testAKitIsOfferedWhereAPieceIsShort(): void
    {
        // three of the seals stand on the shelf
        $offer = self::plan([self::demand('S', 4)])->kits[0];

        self::assertSame('Some of its pieces are short on the shelf.', $offer->reason());
    }

    public function testAnothersPartStandsInForOneThatIsShortOnlyWhereThePolicyAllowsIt(): void
    {
        $shelf = PartsShelf::of(new ShelfPart('F', 'Filter', 'B1', 1), new ShelfPart('O', 'Filter, other', 'B2', 6, substituteFor: 'F'));
        $line = static fn (int $count, bool $others): PartLine => (new PartsPlanner())->plan([self::demand('F', $count)], $shelf, [], $others)->lines[0];

        self::assertSame(['F', 1], [$line(2, false)->number, $line(2, false)->short()]);
        self::assertSame(['O', 'F', 0], [$line(2, true)->number, $line(2, true)->standsFor, $line(2, true)->short()]);
        self::assertStringContainsString('Not the maker\'s: it stands in for F, which is short', $line(2, true)->why);
        self::assertSame('F', $line(1, true)->number, 'the maker\'s is there');
        self::assertSame('F', $line(7, true)->number, 'the other is short as well');
    }

    public function testWhatIsOnOrderIsExpectedOnItsDayIfItIsEnough(): void
    {
        $day = new \DateTimeImmutable('2026-03-20');
        $expected = static fn (int $count, int $onOrder, ?string $today = null): ?\DateTimeImmutable => (new PartsPlanner())->plan([self::demand('F', $count)], PartsShelf::of(new ShelfPart('F', 'Filter', 'B1', 1, onOrder: $onOrder, arrivesOn: $day)), [])->lines[0]->arrivesOn(null === $today ? null : new \DateTimeImmutable($today));

        self::assertNull($expected(1, 5), 'nothing is short');
        self::assertSame($day, $expected(3, 2), 'the two that are missing are on their way');
        self::assertNull($expected(4, 2), 'one would still be missing');
        self::assertSame($day, $expected(3, 2, '2026-03-20'), 'expected today');
        self::assertNull($expected(3, 2, '2026-03-21'), 'overdue since yesterday');
    }

    public function testATakenKitReplacesItsPieces(): void
    {
        $plan = self::plan([self::demand('F', 1), self::demand('S', 5), self::demand('X', 1)], ['KIT']);

        self::assertSame([['S', 2], ['X', 1], ['KIT', 1]], array_map(static fn (PartLine $line): array => [$line->number, $line->count], $plan->lines));
        self::assertTrue($plan->kits[0]->taken);
        self::assertSame([], $plan->kits[0]->leavesOver);
    }

    public function testAKitThatIsFetchedAnywayIsOneLineWithTheOneTaken(): void
    {
        // one that the work asks for, one in place of a filter and three seals
        $plan = self::plan([self::demand('KIT', 1), self::demand('F', 1), self::demand('S', 3, Position::Starboard)], ['KIT']);

        self::assertSame([['KIT', 2]], array_map(static fn (PartLine $line): array => [$line->number, $line->count], $plan->lines));
        self::assertSame([Position::Port, Position::Starboard], $plan->lines[0]->positions);
    }

    public function testANumberOfDigitsAloneStaysItself(): void
    {
        $plan = self::plan([self::demand('7040', 1), self::demand('7041', 1), self::demand('F', 1)], ['KIT']);

        self::assertSame(['7040', '7041', 'KIT'], array_map(static fn (PartLine $line): string => $line->number, $plan->lines));
    }

    public function testWhatLiesAtHandIsNotTakenOutOfAKit(): void
    {
        $plan = self::plan([new PartDemand('F', 1, Position::Port, false, true, '')], ['KIT']);

        self::assertSame([], $plan->kits);
        self::assertTrue($plan->lines[0]->atHand);
    }

    public function testAPartThatTheShopDoesNotKnowIsWhollyShort(): void
    {
        self::assertSame(3, self::plan([self::demand('NOBODY', 3)])->lines[0]->short());
    }

    /** Whatever is wanted and whether kits are taken or not: nothing is lost and nothing counted twice. */
    public function testPiecesAddUp(): void
    {
        $this->limitTo(200)->forAll(Generators::choose(0, 9), Generators::choose(0, 9), Generators::bool())
            ->then(static function (int $filters, int $seals, bool $taken): void {
                $plan = self::plan([...($filters > 0 ? [self::demand('F', $filters)] : []), ...($seals > 0 ? [self::demand('S', $seals)] : [])], $taken ? ['KIT'] : []);
                $loose = array_column(array_map(static fn (PartLine $line): array => [$line->number, $line->count], $plan->lines), 1, 0);
                $kits = $loose['KIT'] ?? 0;
                $over = $kits > 0 ? $plan->kits[0]->leavesOver : [];
                self::assertSame($filters, ($loose['F'] ?? 0) + $kits - ($over['F'] ?? 0));
                self::assertSame($seals, ($loose['S'] ?? 0) + 3 * $kits - ($over['S'] ?? 0));
            });
    }

    /**
     * @param list<PartDemand> $demands
     * @param list<string>     $kits
     */
    private static function plan(array $demands, array $kits = []): PartsPlan
    {
        $shelf = PartsShelf::of(
            new ShelfPart('OLD', 'Filter, first pattern', 'A1', 0, 0, 'OLDER'),
            new ShelfPart('OLDER', 'Filter, second pattern', 'A1', 0, 0, 'F'),
            new ShelfPart('F', 'Filter', 'A1', 20, 900),
            new ShelfPart('S', 'Seal', 'A2', 3, 150),
            new ShelfPart('X', 'Other', 'A3', 1, 50),
            new ShelfPart('KIT', 'Kit', 'K1', 9, 1000, null, [new KitLine('F', 1), new KitLine('S', 3)]),
        );

        return (new PartsPlanner())->plan($demands, $shelf, $kits);
    }

    private static function demand(string $number, int $count, Position $position = Position::Port): PartDemand
    {
        return new PartDemand($number, $count, $position, false, false, 'why');
    }
}
