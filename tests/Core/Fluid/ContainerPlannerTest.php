<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Fluid;

use Eris\Generators;
use Eris\TestTrait;
use FreshTack\Core\Fluid\Container;
use FreshTack\Core\Fluid\ContainerPick;
use FreshTack\Core\Fluid\ContainerPlan;
use FreshTack\Core\Fluid\ContainerPlanner;
use FreshTack\Core\Fluid\ShelfTooShort;
use FreshTack\Core\Quantity\Volume;
use FreshTack\Core\Quantity\VolumeUnit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ContainerPlannerTest extends TestCase
{
    use TestTrait;

    /** @return iterable<string, array{int, list<Container>, list<string>, int, int}> need in ml, shelf, picks, left over in ml, cost */
    public static function needs(): iterable
    {
        $five = self::container('5l', '5', VolumeUnit::Litre, 4890, 6);
        $one = self::container('1l', '1', VolumeUnit::Litre, 1150, 14);
        $quart = self::container('qt', '1', VolumeUnit::UsQuart, 1090, 12);
        // 2 × 5 l leave 1420 ml: two quarts hold 1892 ml for 21.80, two litres 2000 ml for 23.00, a third 5 l costs 48.90
        yield 'quarts fill up what two cans leave' => [11420, [$five, $one, $quart], ['2 × 5l', '2 × qt'], 472, 11960];
        yield 'exactly one can' => [5000, [$five, $one], ['1 × 5l'], 0, 4890];
        yield 'one millilitre more than a can' => [5001, [$five, $one], ['1 × 5l', '1 × 1l'], 999, 6040];
        yield 'nothing needed' => [0, [$five], [], 0, 0];
        // 4 × 11.50 = 46.00 are cheaper than one can of 48.90
        yield 'four small ones are cheaper than a large one' => [4000, [$five, $one], ['4 × 1l'], 0, 4600];
        yield 'the large one is cheaper than five small ones' => [4001, [$five, $one], ['1 × 5l'], 999, 4890];
        $scarce = self::container('1l', '1', VolumeUnit::Litre, 1000, 1);
        yield 'few on the shelf' => [2000, [$scarce, $five], ['1 × 5l'], 3000, 4890];
        $dear = self::container('a', '2', VolumeUnit::Litre, 2000, null);
        $even = self::container('b', '1', VolumeUnit::Litre, 1000, null);
        yield 'equal in cost and left over: fewer containers' => [4000, [$even, $dear], ['2 × a'], 0, 4000];
        $open = self::container('1l', '1', VolumeUnit::Litre, 1150, 14, '0.4');
        yield 'an opened one costs nothing' => [1390, [$open], ['1 × opened 1l', '1 × 1l'], 10, 1150];
        yield 'an opened one alone is enough' => [400, [$open], ['1 × opened 1l'], 0, 0];
        $half = self::container('5l', '5', VolumeUnit::Litre, 4890, 6, '2.4');
        // 1400 ml more: one litre and one quart are 22.40, two quarts 21.80
        yield 'an opened one is emptied first though a can alone would be cheaper by the litre' => [
            3800,
            [$half, $one, $quart],
            ['1 × opened 5l', '2 × qt'],
            492,
            2180,
        ];
        $dregs = self::container('1l', '1', VolumeUnit::Litre, 1150, 14, '0.1');
        yield 'and so is one that saves nothing' => [5000, [$five, $dregs], ['1 × opened 1l', '1 × 5l'], 100, 4890];
        // 300 + 400 cover 700 to the millilitre; 400 + 2400 would leave 2100
        yield 'of opened ones those that leave least over' => [
            700,
            [$half, $open, self::container('qt', '1', VolumeUnit::UsQuart, 1090, 12, '0.3')],
            ['1 × opened 1l', '1 × opened qt'],
            0,
            0,
        ];
        // 946.352946 ml count as 946: two quarts hold 1892 ml, not 1893
        yield 'a quart is rounded down' => [1893, [self::container('qt', '1', VolumeUnit::UsQuart, 1000, null)], ['3 × qt'], 945, 3000];
    }

    /**
     * @param list<Container> $shelf
     * @param list<string>    $picks
     */
    #[DataProvider('needs')]
    public function testPicksTheCheapestSetThatCoversTheNeed(int $needMl, array $shelf, array $picks, int $leftOver, int $cost): void
    {
        $plan = (new ContainerPlanner())->plan(Volume::ofMillilitres($needMl), $shelf);

        self::assertSame([$picks, $leftOver, $cost], [self::words($plan), $plan->leftOverMl, $plan->costMinor]);
    }

    public function testSaysWhetherWhatIsLeftStaysInAnOpenedOne(): void
    {
        $shelf = [self::container('1l', '1', VolumeUnit::Litre, 1150, 14, '0.4')];

        self::assertTrue((new ContainerPlanner())->plan(Volume::ofMillilitres(300), $shelf)->opensNone());
        self::assertFalse((new ContainerPlanner())->plan(Volume::ofMillilitres(401), $shelf)->opensNone());
    }

    public function testAFullShelfOfOddSizesIsWorkedOutForSixtyLitres(): void
    {
        // sizes without a common measure, and eight opened ones of 4,580 ml together: 55,420 ml are left for new ones
        $shelf = array_map(
            static fn (int $n): Container => new Container(
                "c$n",
                Volume::ofMillilitres(473 + 389 * $n),
                700 + 613 * $n,
                40,
                $n < 8 ? Volume::ofMillilitres(117 * $n + 163) : null,
            ),
            range(0, 11),
        );
        $plan = (new ContainerPlanner())->plan(Volume::ofMillilitres(60_000), $shelf);
        $opened = array_filter($plan->picks, static fn (ContainerPick $pick): bool => $pick->opened);

        self::assertSame(
            [8, 4580],
            [
                \count($opened),
                array_sum(array_map(static fn (ContainerPick $pick): int => $pick->container->opened?->millilitresDown() ?? 0, $opened)),
            ],
        );
        self::assertSame(
            $plan->totalMl,
            4580 + array_sum(
                array_map(
                    static fn (ContainerPick $pick): int => $pick->opened ? 0 : $pick->count * $pick->container->size->millilitresDown(),
                    $plan->picks,
                ),
            ),
        );
        self::assertSame($plan->leftOverMl, $plan->totalMl - 60_000);
        // nothing can be cheaper than the best price of a millilitre all the way
        self::assertGreaterThanOrEqual(55_420 * 700 / 473, $plan->costMinor + 1);
    }

    /** @return iterable<string, array{int, int, string}> need in ml, sizes, what is said */
    public static function beyond(): iterable
    {
        yield 'a swimming pool' => [100_001, 1, 'up to 100 l at once'];
        yield 'a shop of cans' => [1000, 13, 'up to 12 sizes'];
    }

    #[DataProvider('beyond')]
    public function testWhatIsMoreThanCanBeWorkedOutIsTold(int $needMl, int $sizes, string $said): void
    {
        $this->expectException(ShelfTooShort::class);
        $this->expectExceptionMessage($said);
        (new ContainerPlanner())->plan(
            Volume::ofMillilitres($needMl),
            array_map(
                static fn (int $n): Container => new Container("c$n", Volume::ofMillilitres(1000 + $n), 1000, null, null),
                range(1, $sizes),
            ),
        );
    }

    public function testSaysHowMuchAShelfIsShort(): void
    {
        $this->expectException(ShelfTooShort::class);
        $this->expectExceptionMessage('The shelf holds 2400 ml of it and 3000 ml are needed: 600 ml are short.');
        (new ContainerPlanner())->plan(Volume::ofMillilitres(3000), [self::container('1l', '1', VolumeUnit::Litre, 1000, 2, '0.4')]);
    }

    public function testAnEmptyShelfCoversNothing(): void
    {
        $this->expectException(ShelfTooShort::class);
        (new ContainerPlanner())->plan(Volume::ofMillilitres(1), []);
    }

    public function testEqualsTryingEverything(): void
    {
        $container = Generators::tuple(Generators::choose(50, 600), Generators::choose(0, 500), Generators::choose(0, 3), Generators::choose(0, 200));
        $this->forAll(Generators::choose(0, 1500), Generators::vector(3, $container))
            ->then(static function (int $needMl, array $sizes): void {
                /** @var list<array{int, int, int, int}> $sizes */
                $shelf = [];
                foreach ($sizes as $index => [$ml, $price, $stock, $opened]) {
                    $shelf[] = new Container("c$index", Volume::ofMillilitres($ml), $price, $stock, $opened > 100 ? Volume::ofMillilitres($opened) : null);
                }
                $expected = self::bruteForce($needMl, $shelf);
                try {
                    $plan = (new ContainerPlanner())->plan(Volume::ofMillilitres($needMl), $shelf);
                } catch (ShelfTooShort) {
                    self::assertNull($expected);

                    return;
                }
                $count = array_sum(array_map(static fn (ContainerPick $pick): int => $pick->count, $plan->picks));
                self::assertSame($expected, [$plan->costMinor, $plan->leftOverMl, $count]);
            });
    }

    /**
     * @param list<Container> $shelf
     *
     * @return array{int, int, int}|null cost, left over, containers of the best of all sets
     */
    private static function bruteForce(int $needMl, array $shelf): ?array
    {
        $opened = array_values(
            array_filter(
                array_map(static fn (Container $container): int => $container->opened?->millilitresDown() ?? 0, $shelf),
                static fn (int $ml): bool => $ml > 0,
            ),
        );
        if (array_sum($opened) >= $needMl) {
            return self::cheapest($needMl, array_map(static fn (int $ml): array => [$ml, 0, 1], $opened));
        }
        $new = array_map(
            static fn (Container $container): array => [
                $container->size->millilitresDown(),
                $container->priceMinor,
                $container->inStock ?? 0,
            ],
            $shelf,
        );
        $rest = self::cheapest($needMl - array_sum($opened), $new);

        return null === $rest ? null : [$rest[0], $rest[1], $rest[2] + \count($opened)];
    }

    /**
     * @param list<array{int, int, int}> $sizes ml, price, how many
     *
     * @return array{int, int, int}|null
     */
    private static function cheapest(int $needMl, array $sizes): ?array
    {
        $sets = [[0, 0, 0]];
        foreach ($sizes as [$size, $price, $most]) {
            $next = [];
            foreach ($sets as [$ml, $cost, $count]) {
                foreach (range(0, $most) as $taken) {
                    $next[] = [$ml + $taken * $size, $cost + $taken * $price, $count + $taken];
                }
            }
            $sets = $next;
        }
        $covering = array_map(static fn (array $set): array => [$set[1], $set[0] - $needMl, $set[2]], array_values(array_filter($sets, static fn (array $set): bool => $set[0] >= $needMl)));
        sort($covering);

        return $covering[0] ?? null;
    }

    private static function container(string $id, string $size, VolumeUnit $unit, int $price, ?int $stock, ?string $openedLitres = null): Container
    {
        return new Container($id, Volume::of($size, $unit), $price, $stock, null === $openedLitres ? null : Volume::of($openedLitres, VolumeUnit::Litre));
    }

    /** @return list<string> */
    private static function words(ContainerPlan $plan): array
    {
        return array_map(static fn (ContainerPick $pick): string => \sprintf('%d × %s%s', $pick->count, $pick->opened ? 'opened ' : '', $pick->container->id), $plan->picks);
    }
}
