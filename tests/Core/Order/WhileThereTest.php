<?php

declare(strict_types=1);

namespace FreshTack\Tests\Core\Order;

use FreshTack\Core\Order\Offer;
use FreshTack\Core\Order\OrderBuilder;
use FreshTack\Core\Order\WhileThere;
use FreshTack\Core\SpecBook\Task;
use FreshTack\Exchange\OrderRequestReader;
use FreshTack\Tests\Support\Book;
use FreshTack\Tests\Support\Requests;
use PHPUnit\Framework\TestCase;

final class WhileThereTest extends TestCase
{
    public function testATaskCostsLessNowThanAlone(): void
    {
        $with = self::people(['engine_oil', 'oil_filter']);
        $oil = self::people(['engine_oil']);
        $offers = self::offers(['engine_oil'], [Task::OilFilter]);

        self::assertCount(1, $offers);
        // alone the filter needs an order of its own with the oil it is done within
        self::assertSame([Task::OilFilter, $with - $oil, $with], [$offers[0]->task, $offers[0]->now->count, $offers[0]->alone->count]);
        self::assertSame($oil, $offers[0]->savesMin());
    }

    public function testNothingIsOfferedToAnOrderWithoutWork(): void
    {
        self::assertSame([], self::offers([], [Task::EngineOil, Task::OilFilter]));
    }

    public function testWhatTheBookDoesNotKnowOrWhatIsBlockedIsNotOffered(): void
    {
        $unknown = Requests::single('K165', 'KS4-10412', 'kestrane-k165-early', ['engine_oil']);
        $unknown['procedures'] = Book::proceduresWithout('spark-plugs');
        self::assertSame([], self::offersTo($unknown, [Task::SparkPlugs]), 'no procedure');
        $request = Requests::single('K85', 'KM2-5120', 'kestrane-k85', ['engine_oil']);
        self::assertSame([], self::offersTo($request, [Task::OilFilter]), 'its tightening is a hole');
    }

    public function testTheOtherEngineSharesTheRigsOwnWork(): void
    {
        $twin = Requests::rig([Requests::engine('port', 'K165', 'KS4-10412', 'kestrane-k165-early', ['engine_oil']), Requests::engine('starboard', 'K165', 'KS4-20977', 'kestrane-k165-late', [])]);
        $offers = (new WhileThere())->offers(OrderRequestReader::read($twin), ['starboard' => [Task::EngineOil]]);

        self::assertCount(1, $offers);
        self::assertGreaterThan(0, $offers[0]->savesMin(), 'placing the boat is done once');
    }

    public function testWhatTheOfferItselfMakesPossibleIsCountedWithIt(): void
    {
        $engines = static fn (string ...$starboard): array => Requests::rig([
            Requests::engine('port', 'K165', 'KS4-10412', 'kestrane-k165-early', ['engine_oil']),
            Requests::engine('starboard', 'K165', 'KS4-20977', 'kestrane-k165-late', array_values($starboard)),
        ]);
        $minutes = static function (array $request): int {
            $labour = (new OrderBuilder())->build(OrderRequestReader::read($request))->labour;

            return $labour->handsOn->count + $labour->presence->count;
        };
        // a filter that was picked without the oil waits for it: taken up, the oil brings both
        $offers = (new WhileThere())->offers(OrderRequestReader::read($engines('oil_filter')), ['starboard' => [Task::EngineOil]]);

        self::assertCount(1, $offers);
        self::assertSame($minutes($engines('engine_oil', 'oil_filter')) - $minutes($engines('oil_filter')), $offers[0]->now->count);
        self::assertGreaterThan($minutes($engines('engine_oil')) - $minutes($engines()), $offers[0]->now->count);
    }

    /**
     * @param list<string> $tasks
     * @param list<Task>   $candidates
     *
     * @return list<Offer>
     */
    private static function offers(array $tasks, array $candidates): array
    {
        return self::offersTo(Requests::single('K165', 'KS4-10412', 'kestrane-k165-early', $tasks), $candidates);
    }

    /**
     * @param array<mixed> $request
     * @param list<Task>   $candidates
     *
     * @return list<Offer>
     */
    private static function offersTo(array $request, array $candidates): array
    {
        return (new WhileThere())->offers(OrderRequestReader::read($request), ['single' => $candidates]);
    }

    /** @param list<string> $tasks */
    private static function people(array $tasks): int
    {
        $labour = (new OrderBuilder())->build(OrderRequestReader::read(Requests::single(
            'K165',
            'KS4-10412',
            'kestrane-k165-early',
            $tasks,
        )))->labour;

        return $labour->handsOn->plus($labour->presence)->count;
    }
}
