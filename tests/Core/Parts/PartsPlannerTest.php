<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Parts;

use Eris\Generators;
use Eris\TestTrait;
use FreshTack\Core\Parts\KitLine;
use FreshTack\Core\Parts\KitOffer;
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

    public function testTheCountThatCostsLeastIsOffered(): void
    {
        // loose 3 × 900 + 3 × 150 = 3150; one kit and two filters are 2800, three kits 3000
        $offer = self::plan([self::demand('F', 3), self::demand('S', 3)])->kits[0];

        self::assertSame([1, ['F' => 1, 'S' => 3], 350], [$offer->count, $offer->covers, $offer->savesMinor()]);
    }

    public function testAKitThatSavesLessThanItsLastPieceIsOfferedAllTheSame(): void
    {
        $shelf = PartsShelf::of(
            new ShelfPart('F', 'Filter', 'B1', 9, 2100),
            new ShelfPart('S', 'Seal', 'B2', 9, 100),
            new ShelfPart('K', 'Kit', 'B3', 9, 2100, null, [new KitLine('F', 1), new KitLine('S', 1)]),
        );

        // a filter and two seals are 23.00 loose; one kit of 21.00 and a seal are 22.00, two kits 42.00
        self::assertSame(
            [1, 100],
            [
                ($offer = (new PartsPlanner())->plan([self::demand('F', 1), self::demand('S', 2)], $shelf, [])->kits[0])->count,
                $offer->savesMinor(),
            ],
        );
    }

    public function testOneOnTheShelfAndAKitThatTogetherSufficeAreOffered(): void
    {
        $shelf = PartsShelf::of(
            new ShelfPart('S', 'Seal', 'B2', 1, 100),
            new ShelfPart('K', 'Kit', 'B3', 1, 900, null, [new KitLine('S', 1)]),
        );
        $plan = (new PartsPlanner())->plan([self::demand('S', 2)], $shelf, []);

        self::assertSame([1, 'Some of its pieces are short on the shelf.'], [$plan->kits[0]->count, $plan->kits[0]->reason()]);
        $taken = (new PartsPlanner())->plan([self::demand('S', 2)], $shelf, ['K']);
        self::assertSame(
            [['S', 1, 0], ['K', 1, 0]],
            array_map(static fn (PartLine $line): array => [$line->number, $line->count, $line->short()], $taken->lines),
        );
    }

    public function testAKitOfAnOldNumberHoldsThePieceOfToday(): void
    {
        $shelf = PartsShelf::of(
            new ShelfPart('OLD', 'Filter', 'B1', 0, 0, 'F'),
            new ShelfPart('F', 'Filter', 'B1', 9, 1000),
            new ShelfPart('K1', 'Kit, first', 'B3', 0, 800, 'K2'),
            new ShelfPart('K2', 'Kit', 'B3', 9, 800, null, [new KitLine('OLD', 1)]),
        );
        $plan = static fn (string ...$taken): PartsPlan => (new PartsPlanner())->plan(
            [self::demand('OLD', 1)],
            $shelf,
            array_values($taken),
        );

        self::assertSame(['K2', ['F' => 1]], [$plan()->kits[0]->kit->number, $plan()->kits[0]->covers]);
        self::assertSame('K2', $plan('K1')->lines[0]->number, 'what was chosen under its old number');
    }

    public function testKitsThatShareAPieceAreWeighedTogether(): void
    {
        // loose 1000 + 1000 + 1000; A and B alone leave 1000 loose each (2500), both hold all three for 3000, C holds them for 2400
        $shelf = PartsShelf::of(
            new ShelfPart('P', 'Piece', 'B1', 9, 1000),
            new ShelfPart('Q', 'Piece', 'B1', 9, 1000),
            new ShelfPart('R', 'Piece', 'B1', 9, 1000),
            new ShelfPart('A', 'Kit', 'B3', 9, 1500, null, [new KitLine('P', 1), new KitLine('Q', 1)]),
            new ShelfPart('B', 'Kit', 'B3', 9, 1500, null, [new KitLine('Q', 1), new KitLine('R', 1)]),
            new ShelfPart('C', 'Kit', 'B3', 9, 2400, null, [new KitLine('P', 1), new KitLine('Q', 1), new KitLine('R', 1)]),
        );
        $plan = static fn (string ...$taken): PartsPlan => (new PartsPlanner())->plan(
            [self::demand('P', 1), self::demand('Q', 1), self::demand('R', 1)],
            $shelf,
            array_values($taken),
        );

        self::assertSame(['C'], array_map(static fn (KitOffer $offer): string => $offer->kit->number, $plan()->kits));
        self::assertSame(
            [['R', 1], ['A', 1]],
            array_map(static fn (PartLine $line): array => [$line->number, $line->count], $plan('A')->lines),
        );
    }

    /** Of one kit and two pieces: no count costs less, or leaves less short, than the one that is offered; none offered means none would. */
    public function testNoOtherCountWouldBeBetter(): void
    {
        $this->limitTo(300)->forAll(
            Generators::vector(4, Generators::choose(1, 5)),
            Generators::vector(3, Generators::choose(1, 40)),
            Generators::vector(3, Generators::choose(0, 6)),
        )
            ->then(static function (array $counts, array $prices, array $stock): void {
                /** @var array{int, int, int, int} $counts */
                /** @var array{int, int, int} $prices */
                /** @var array{int, int, int} $stock */
                [$needF, $needS, $holdsF, $holdsS] = $counts;
                $shelf = PartsShelf::of(
                    new ShelfPart('F', '', '', $stock[0], $prices[0]),
                    new ShelfPart('S', '', '', $stock[1], $prices[1]),
                    new ShelfPart('K', '', '', $stock[2], 2 * $prices[2], null, [new KitLine('F', $holdsF), new KitLine('S', $holdsS)]),
                );
                $worth = static fn (int $kits): array => [
                    max(0, max(0, $needF - $kits * $holdsF) - $stock[0]) + max(0, max(0, $needS - $kits * $holdsS) - $stock[1]) + max(0, $kits - $stock[2]),
                    $kits * 2 * $prices[2] + max(0, $needF - $kits * $holdsF) * $prices[0] + max(0, $needS - $kits * $holdsS) * $prices[1],
                    $kits,
                ];
                $offers = (new PartsPlanner())->plan([self::demand('F', $needF), self::demand('S', $needS)], $shelf, [])->kits;
                self::assertSame(min(array_map($worth, range(0, 6))), $worth($offers[0]->count ?? 0));
            });
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
