<?php

declare(strict_types=1);

namespace FreshTack\Tests\Web;

use FreshTack\Core\Order\ShelfOil;
use FreshTack\Core\Parts\ShelfPart;
use FreshTack\Shop\Parts\Confirmation;
use FreshTack\Shop\Parts\Confirmations;
use FreshTack\Shop\Stock\Stock;

/** The shelf, over the demo shop's database. */
final class StockTest extends ApiTestCase
{
    public function testAnOldNumberBringsEveryOneThatTookItsPlace(): void
    {
        self::assertSame(
            ['DM-20311' => 'DM-20655', 'DM-20655' => 'DM-20961', 'DM-20961' => null],
            array_map(static fn (ShelfPart $part): ?string => $part->supersededBy, $this->parts('DM-20311')),
        );
    }

    public function testAKitBringsItsPieces(): void
    {
        $parts = $this->parts('DM-19065');

        self::assertEqualsCanonicalizing(['DM-19065', 'DM-11407', 'DM-11415', 'DM-12830', 'DM-20961'], array_keys($parts));
        self::assertCount(4, $parts['DM-19065']->kit);
    }

    public function testAPartBringsTheOneThatStandsInForItAndNotTheOtherWayRound(): void
    {
        self::assertSame(['QV-50644', 'TW-7715'], array_keys($this->parts('QV-50644')));
        self::assertSame('QV-50644', $this->parts('QV-50644')['TW-7715']->substituteFor);
        self::assertSame(['TW-7715'], array_keys($this->parts('TW-7715')));
    }

    public function testWhatIsOnOrderHasItsDay(): void
    {
        $seal = $this->parts('DM-11415')['DM-11415'];

        // two days after the tests' own day, 18 March
        self::assertSame([0, 10, '2026-03-20'], [$seal->inStock, $seal->onOrder, $seal->arrivesOn?->format('Y-m-d')]);
    }

    public function testUnknownNumbersAreLeftOutAndNothingAskedIsNothing(): void
    {
        self::assertSame([], $this->parts('DM-00000'));
        self::assertSame([], $this->parts());
    }

    public function testAnOpenedBottleIsOneMorePlaceToPourFrom(): void
    {
        $oils = self::stock()->oils();
        $opened = array_filter($oils, static fn (ShelfOil $oil): bool => null !== $oil->container->opened);

        self::assertNotSame([], $opened);
        foreach ($opened as $oil) {
            self::assertLessThan($oil->container->size->millilitresUp(), $oil->container->opened?->millilitresUp());
        }
    }

    public function testAPartIsConfirmedOnceForEachEngineByWhoeverWasFirst(): void
    {
        $confirmations = self::getContainer()->get(Confirmations::class);
        self::assertInstanceOf(Confirmations::class, $confirmations);
        $at = new \DateTimeImmutable('2026-03-18 10:00 UTC');
        foreach ([['Port', 'bram'], ['Port', 'ada'], ['Starboard', 'ada']] as [$engine, $by]) {
            $confirmations->add(9001, new Confirmation('QV-31180', $engine, $by, $at));
        }

        self::assertSame([['Port', 'bram'], ['Starboard', 'ada']], array_map(static fn (Confirmation $each): array => [$each->engine, $each->by], $confirmations->of(9001)));
        self::assertSame([], $confirmations->of(9002));
    }

    private static function stock(): Stock
    {
        $stock = self::getContainer()->get(Stock::class);
        self::assertInstanceOf(Stock::class, $stock);

        return $stock;
    }

    /** @return array<string, ShelfPart> by number */
    private function parts(string ...$numbers): array
    {
        $parts = self::stock()->parts(array_values($numbers))->all();

        return array_column(array_map(static fn (ShelfPart $part): array => [$part->number, $part], $parts), 1, 0);
    }
}
