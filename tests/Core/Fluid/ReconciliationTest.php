<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Fluid;

use FreshTack\Core\Fluid\Reconciliation;
use FreshTack\Core\Quantity\Volume;
use FreshTack\Core\Quantity\VolumeUnit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ReconciliationTest extends TestCase
{
    /** @return iterable<string, array{int, int, int, int, bool}> opened, poured, left over, missing, balances */
    public static function sums(): iterable
    {
        yield 'to the millilitre' => [12000, 10700, 1300, 0, true];
        // 2 % of 12 l are 240 ml
        yield 'two per cent missing' => [12000, 10700, 1060, 240, true];
        yield 'a millilitre more than two per cent missing' => [12000, 10700, 1059, 241, false];
        // 2 % of 1 l are 20 ml: what clings to the jug is more
        yield 'a small job: what clings to the jug' => [1000, 800, 150, 50, true];
        yield 'a small job: more than that' => [1000, 800, 149, 51, false];
        yield 'more than was opened, within the tolerance' => [1000, 900, 150, -50, true];
        yield 'more than was opened' => [1000, 900, 151, -51, false];
        yield 'nothing opened, nothing poured' => [0, 0, 0, 0, true];
    }

    #[DataProvider('sums')]
    public function testOilIsAccountedFor(int $opened, int $poured, int $left, int $missing, bool $balances): void
    {
        $sum = new Reconciliation('10W-40, VO-3', Volume::ofMillilitres($opened), Volume::ofMillilitres($poured), Volume::ofMillilitres($left));

        self::assertSame([$missing, $balances], [$sum->missingMl(), $sum->balances()]);
    }

    public function testWhatDoesNotBalanceIsToldWithWhatItMayBe(): void
    {
        $sum = static fn (string $quarts): string => (new Reconciliation('10W-40, VO-3', Volume::of('4', VolumeUnit::Litre), Volume::of('3', VolumeUnit::Litre), Volume::of($quarts, VolumeUnit::UsQuart)))->text();

        // half a quart is 473.2 ml, counted as 474
        self::assertSame('10W-40, VO-3: 4000 ml opened, 3000 ml poured, 474 ml left over: 526 ml are missing. Either it was spilled, or more was poured than was entered.', $sum('0.5'));
        // two quarts are 1892.7 ml
        self::assertSame('10W-40, VO-3: 4000 ml opened, 3000 ml poured, 1893 ml left over: 893 ml more than was opened. Either another container was opened, or less was poured than was entered.', $sum('2'));
        // one quart is 946.4 ml
        self::assertSame('10W-40, VO-3: 4000 ml opened, 3000 ml poured, 947 ml left over: it balances.', $sum('1'));
    }
}
