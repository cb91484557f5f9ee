<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Plan;

use Eris\Generators;
use Eris\TestTrait;
use FreshTack\Core\Plan\Waits;
use PHPUnit\Framework\TestCase;

final class WaitsTest extends TestCase
{
    use TestTrait;

    public function testEachComesBehindAllThatItWaitsForAndElseTheLowerFirst(): void
    {
        $waits = Waits::of([[2], [], [], [0, 1]]);

        self::assertSame([1, 2, 0, 3], $waits->order());
        self::assertTrue($waits->waitsFor(3, 2), 'by way of 0');
        self::assertFalse($waits->waitsFor(2, 3));
        self::assertEqualsCanonicalizing([2, 0, 3], array_keys($waits->allBehind(2)));
    }

    public function testTheLongestChainsBeforeAndBehind(): void
    {
        // 0 (5 min) → 1 (10 min) → 3 (1 min), 2 (7 min) → 3
        $waits = Waits::of([[], [0], [], [1, 2]]);
        $lengths = [5, 10, 7, 1];

        self::assertSame([[0, 5, 0, 15], [11, 1, 1, 0]], [$waits->heads($lengths), $waits->tails($lengths)]);
    }

    public function testWhatWaitsInACircleIsNamed(): void
    {
        self::assertSame([0, 1, 2], Waits::of([[1], [0], [1], []])->circle());
        self::assertSame([], Waits::of([[], [0]])->circle());
        self::assertSame([], (new Waits(0))->circle());
    }

    public function testNothingWaitsForItself(): void
    {
        self::assertSame([[]], [Waits::of([[0]])->before(0)]);
    }

    /** Whatever waits for an earlier one: the order holds it, and being reached is the same from both sides. */
    public function testTheOrderHoldsWhateverWaits(): void
    {
        $this->limitTo(100)->forAll(Generators::vector(8, Generators::choose(0, 255)))->then(static function (array $bits): void {
            /** @var list<int> $bits */
            $before = array_map(
                static fn (int $mask, int $number): array => array_values(array_filter(
                    range(0, 7),
                    static fn (int $other): bool => $other < $number && 1 === (($mask >> $other) & 1),
                )),
                $bits,
                array_keys($bits),
            );
            $waits = Waits::of($before);
            $place = array_flip($waits->order());
            self::assertCount(8, $place);
            foreach ($before as $number => $others) {
                foreach ($others as $other) {
                    self::assertLessThan($place[$number], $place[$other]);
                    self::assertTrue($waits->waitsFor($number, $other));
                    self::assertArrayHasKey($number, $waits->allBehind($other));
                }
            }
        });
    }
}
