<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Labour;

use FreshTack\Core\Labour\Allowance;
use FreshTack\Core\Labour\InvalidAllowance;
use FreshTack\Core\Labour\LabourSum;
use FreshTack\Core\Order\WhileThere;
use FreshTack\Core\Order\WorkOrder;
use FreshTack\Core\Quantity\Minutes;
use FreshTack\Exchange\OrderRequestReader;
use FreshTack\Tests\Support\Requests;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class LabourTest extends TestCase
{
    /** @return iterable<string, array{int, int, int}> hands-on, allowance, tenths of an hour */
    public static function sums(): iterable
    {
        yield 'a whole number of tenths' => [90, 0, 15];
        yield 'a minute more is a tenth more' => [91, 0, 16];
        yield 'rounded once, together with the allowance' => [91, 5, 16];
        yield 'nothing done, nothing sold' => [0, 0, 0];
    }

    #[DataProvider('sums')]
    public function testSoldTimeIsRoundedOnceAtTheEnd(int $handsOn, int $allowance, int $tenths): void
    {
        self::assertSame(
            $tenths,
            (new LabourSum(
                Minutes::of($handsOn),
                Minutes::none(),
                Minutes::none(),
                Minutes::of(40),
                Allowance::of(Minutes::of($allowance), 'corrosion'),
            ))->soldTenths(),
        );
    }

    public function testPresenceIsSoldAndASecondPersonAsTheShopDecides(): void
    {
        // 60 min of work, 12 of them a second person's, and 10 min by a running engine
        $sum = static fn (bool $sellsAll): LabourSum => new LabourSum(
            Minutes::of(60),
            Minutes::of(12),
            Minutes::of(10),
            Minutes::none(),
            Allowance::none(),
            $sellsAll,
        );

        // 70 min are 11.7 tenths, 58 are 9.7
        self::assertSame([12, 10], [$sum(true)->soldTenths(), $sum(false)->soldTenths()]);
    }

    /** @return iterable<string, array{int, int, int}> minutes, tenths rounded up, tenths to the nearest */
    public static function rounded(): iterable
    {
        yield 'nothing' => [0, 0, 0];
        yield 'a minute begins a tenth' => [1, 1, 0];
        yield 'two minutes are less than half of one' => [62, 11, 10];
        yield 'three are half of one, which counts' => [63, 11, 11];
        yield 'whole tenths' => [66, 11, 11];
    }

    #[DataProvider('rounded')]
    public function testTheShopDecidesHowSoldTimeIsRounded(int $minutes, int $up, int $nearest): void
    {
        $sold = static fn (bool $roundsUp): int => (new LabourSum(Minutes::of($minutes), Minutes::none(), Minutes::none(), Minutes::none(), Allowance::none(), true, $roundsUp))->soldTenths();

        self::assertSame([$up, $nearest], [$sold(true), $sold(false)]);
    }

    public function testAnAllowanceNeedsAReason(): void
    {
        self::assertSame(0, Allowance::of(Minutes::none(), '')->minutes->count);
        $this->expectException(InvalidAllowance::class);
        $this->expectExceptionMessage('20 min are added to what is sold: say what for.');
        Allowance::of(Minutes::of(20), '  ');
    }

    public function testTheAllowanceOfARequestIsSoldAndNotHidden(): void
    {
        $order = Requests::build([...Requests::twin(), 'allowance' => ['minutes' => 20, 'reason' => 'Seized trough plug']]);

        // 108 min hands-on, 24 by running engines and 20 are 152 min, 25.3 tenths
        self::assertSame([108, 26], [$order->labour->handsOn->count, $order->labour->soldTenths()]);
    }

    public function testDoneAloneEveryTaskPaysForItsOwnCovers(): void
    {
        $tasks = ['engine_oil', 'oil_filter', 'spark_plugs'];
        $request = OrderRequestReader::read(Requests::single('K165', 'KS4-10412', 'kestrane-k165-early', $tasks));
        $people = static fn (string ...$tasks): int => self::people(Requests::build(Requests::single(
            'K165',
            'KS4-10412',
            'kestrane-k165-early',
            array_values($tasks),
        )));
        $together = $people('engine_oil', 'oil_filter', 'spark_plugs');
        $oil = $people('engine_oil', 'oil_filter');
        $plugs = $people('spark_plugs');

        self::assertSame($oil + $plugs, (new WhileThere())->alone($request)->count);
        self::assertLessThan($oil + $plugs, $together);
    }

    private static function people(WorkOrder $order): int
    {
        return $order->labour->handsOn->plus($order->labour->presence)->count;
    }
}
