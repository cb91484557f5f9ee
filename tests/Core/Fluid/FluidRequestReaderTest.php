<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Fluid;

use FreshTack\Core\Fluid\ContainerPlanner;
use FreshTack\Core\Fluid\FluidRequestReader;
use FreshTack\Core\Fluid\LevelAdvisor;
use FreshTack\Core\Fluid\ShelfTooShort;
use FreshTack\Core\Reading\Flaw;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Exchange\FluidDocument;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What `fluid:containers` and `fluid:level` read and write. */
final class FluidRequestReaderTest extends TestCase
{
    private const LITRE = ['id' => 'l', 'size' => ['value' => '1', 'unit' => 'l'], 'priceMinor' => 1150, 'inStock' => 3, 'opened' => null];
    private const QUART = ['id' => 'qt', 'size' => ['value' => '1', 'unit' => 'us_qt'], 'priceMinor' => 1090, 'inStock' => null, 'opened' => ['value' => '0.4', 'unit' => 'l']];
    private const LEVEL = ['reading' => '0.35', 'span' => ['value' => '0.9', 'unit' => 'l'], 'band' => ['0.45', '0.65'], 'onArrival' => false, 'hasRun' => true, 'restMin' => 45, 'restRequiredMin' => 45, 'topUpMax' => ['value' => '0.5', 'unit' => 'l'], 'roundTo' => ['value' => '50', 'unit' => 'ml']];

    public function testTheNeedAndItsReserveAreCoveredForTheLeast(): void
    {
        // 1.9 l and 0.25 l make 2150 ml: the opened 400 ml and two quarts of 946 ml are 2292 ml for 21.80
        self::assertSame(
            [
                'picks' => [['id' => 'qt', 'count' => 1, 'opened' => true], ['id' => 'qt', 'count' => 2, 'opened' => false]],
                'totalMl' => 2292,
                'leftOverMl' => 142,
                'opensNone' => false,
                'costMinor' => 2180,
            ],
            self::containers(['need' => ['value' => '1.9', 'unit' => 'l'], 'reserve' => ['value' => '250', 'unit' => 'ml'], 'containers' => [self::LITRE, self::QUART]]),
        );
    }

    public function testANeedIsRoundedUpAndASizeDown(): void
    {
        // a quart is 946.352946 ml: as a need 947 ml, as a size 946 ml, so that one quart does not cover a quart
        self::assertSame(
            [
                'picks' => [['id' => 'qt', 'count' => 2, 'opened' => false]],
                'totalMl' => 1892,
                'leftOverMl' => 945,
                'opensNone' => false,
                'costMinor' => 2180,
            ],
            self::containers(['need' => ['value' => '1', 'unit' => 'us_qt'], 'containers' => [[...self::QUART, 'opened' => null]]]),
        );
    }

    public function testAShelfThatCantCoverTheNeedSaysHowMuchIsShort(): void
    {
        $this->expectException(ShelfTooShort::class);
        $this->expectExceptionMessage('The shelf holds 3000 ml of it and 3001 ml are needed: 1 ml are short.');
        self::containers(['need' => ['value' => '3.001', 'unit' => 'l'], 'containers' => [self::LITRE]]);
    }

    /** @return iterable<string, array{array<string, mixed>, array{string, int, int}}> change, advice, minutes, millilitres */
    public static function levels(): iterable
    {
        yield 'unsettled' => [['restMin' => 12], ['wait', 33, 0]];
        yield 'unsettled, whatever the reading' => [['restMin' => 44, 'reading' => '1.8'], ['wait', 1, 0]];
        // 0.20 of 900 ml are 180 ml to the middle at 0.55; rounded down to 150 ml
        yield 'below the band' => [[], ['add', 0, 150]];
        // 0.10 of 900 ml are 90 ml to the low edge; rounded down to 50 ml
        yield 'below the band, not run yet' => [['hasRun' => false], ['add', 0, 50]];
        yield 'in the band, not run yet' => [['hasRun' => false, 'reading' => '0.45'], ['run', 0, 0]];
        yield 'in the band' => [['reading' => '0.65'], ['ok', 0, 0]];
        yield 'above the band' => [['reading' => '1'], ['ok', 0, 0]];
        // 0.65 of 900 ml are 585 ml down to the middle; rounded down to 550 ml
        yield 'above the mark' => [['reading' => '1.2'], ['takeOut', 0, 550]];
        yield 'above the mark on arrival' => [['reading' => '1.2', 'onArrival' => true], ['investigate', 0, 0]];
        yield 'never more than the largest top-up' => [['reading' => '-0.5', 'topUpMax' => ['value' => '120', 'unit' => 'ml']], ['add', 0, 100]];
        // 0.101 of 900 ml are 90 ml to the middle, and the band is not reached with none
        yield 'too little for a step, and yet below the band' => [
            ['reading' => '0.449', 'roundTo' => ['value' => '100', 'unit' => 'ml']],
            ['add', 0, 90],
        ];
        yield 'below the band on arrival' => [['reading' => '0.44', 'onArrival' => true], ['low', 0, 0]];
        yield 'in the band on arrival, not run yet' => [['reading' => '0.5', 'onArrival' => true, 'hasRun' => false], ['ok', 0, 0]];
    }

    /**
     * @param array<string, mixed>     $change
     * @param array{string, int, int} $expected
     */
    #[DataProvider('levels')]
    public function testALevelGetsItsAdvice(array $change, array $expected): void
    {
        $answer = FluidDocument::level((new LevelAdvisor())->advise(...FluidRequestReader::level([...self::LEVEL, ...$change])));

        self::assertSame($expected, [$answer['advice'], $answer['waitMin'], $answer['amountMl']]);
        self::assertNotSame('', $answer['reason']);
    }

    /** @return iterable<string, array{\Closure(): mixed, list<string>}> */
    public static function flaws(): iterable
    {
        $level = static fn (array $change): \Closure => static fn (): mixed => FluidRequestReader::level([...self::LEVEL, ...$change]);
        $shelf = static fn (array $change): \Closure => static fn (): mixed => FluidRequestReader::containers(['need' => ['value' => '1', 'unit' => 'l'], 'containers' => [self::LITRE], ...$change]);
        yield 'a reading off the scale' => [$level(['reading' => '2.1']), ['/reading']];
        yield 'a reading as a number' => [$level(['reading' => 0.35]), ['/reading']];
        yield 'a band upside down' => [$level(['band' => ['0.65', '0.45']]), ['/band']];
        yield 'a band of one edge' => [$level(['band' => ['0.45']]), ['/band']];
        yield 'half a minute' => [$level(['restMin' => 12.5]), ['/restMin']];
        yield 'a span without unit' => [$level(['span' => ['value' => '0.9']]), ['/span/unit', '/span']];
        yield 'perhaps' => [$level(['hasRun' => 'perhaps']), ['/hasRun']];
        yield 'an unknown container unit' => [$shelf(['containers' => [[...self::LITRE, 'size' => ['value' => '1', 'unit' => 'bucket']]]]), ['/containers/0/size']];
        yield 'a price below zero' => [$shelf(['containers' => [[...self::LITRE, 'priceMinor' => -1]]]), ['/containers/0/priceMinor']];
        yield 'two of one name' => [$shelf(['containers' => [self::LITRE, self::LITRE]]), ['/containers/1/id']];
        yield 'a need below zero' => [$shelf(['need' => ['value' => '-1', 'unit' => 'l']]), ['/need']];
        yield 'a key nobody knows' => [$shelf(['contaners' => []]), ['/contaners']];
    }

    /**
     * @param \Closure(): mixed $read
     * @param list<string>      $pointers
     */
    #[DataProvider('flaws')]
    public function testSaysWhatIsWrongAndWhere(\Closure $read, array $pointers): void
    {
        try {
            $read();
            self::fail('It was taken.');
        } catch (InvalidDocument $error) {
            self::assertSame($pointers, array_map(static fn (Flaw $flaw): string => $flaw->pointer, $error->flaws));
        }
    }

    /**
     * @param array<string, mixed> $request
     *
     * @return array<string, mixed>
     */
    private static function containers(array $request): array
    {
        return FluidDocument::containers((new ContainerPlanner())->plan(...FluidRequestReader::containers($request)));
    }
}
