<?php

declare(strict_types=1);

namespace FreshTack\Tests\Web;

use FreshTack\Core\Reading\Cursor;
use FreshTack\Shop\Bench\TallyOrders;

/** The lanes of the board: counted whole, sent in part, and kept in step with the bench. */
final class BoardTest extends ApiTestCase
{
    public function testAPollThatFindsNothingNewGetsNothing(): void
    {
        $this->signIn('ines');
        $this->call('GET', '/api/board');
        $tag = ['HTTP_If-None-Match' => (string) $this->client->getResponse()->headers->get('ETag')];
        $this->call('GET', '/api/board', null, $tag);
        self::assertSame([304, ''], [$this->status, $this->client->getResponse()->getContent()]);

        $this->call('POST', '/api/boats/'.$this->boatId('Brisk Tern').'/check-ins', $this->draftFor('Brisk Tern', [['hours' => '611.4'], ['hours' => '598.0']]));
        $this->call('GET', '/api/board', null, $tag);
        self::assertSame(200, $this->status);
    }

    public function testALaneTellsHowManyItHasAndSendsTheFirstThirty(): void
    {
        [$number] = $this->draftOfTwin();
        $this->entities()->getConnection()->executeStatement("INSERT INTO work_order (boat_id, status, draft, opened_by, opened_at, version) SELECT boat_id, status, draft, opened_by, opened_at, 1 FROM work_order CROSS JOIN (SELECT 1 FROM engine_model, due_day, part LIMIT 250) copies WHERE number = $number");
        $lane = $this->lane('counter');
        $numbers = $this->numbers($lane->at('orders')->list());
        $sorted = $numbers;
        rsort($sorted);
        self::assertSame([251, 30], [$lane->at('count')->raw(), \count($numbers)], 'none is left out without a word');
        self::assertSame($sorted, $numbers, 'the newest first');

        $next = $this->call('GET', '/api/lanes/counter?skip=30');
        self::assertSame([30, true], [\count($next->at('orders')->list()), $next->at('more')->raw()]);
        self::assertLessThan(end($numbers), max($this->numbers($next->at('orders')->list())));
        $last = $this->call('GET', '/api/lanes/counter?skip=240');
        self::assertSame([11, false], [\count($last->at('orders')->list()), $last->at('more')->raw()]);
    }

    public function testAStoppedOrderStandsBeforeNewerOnes(): void
    {
        $stopped = $this->issuedTwin();
        $this->workUntil($stopped, 'port.drain-valve.look');
        $this->enter($stopped, $this->entry('port.drain-valve.look', 'observation', ['observation' => 'oil_emulsified']));
        $connection = $this->entities()->getConnection();
        $connection->executeStatement("INSERT INTO work_order (boat_id, status, draft, opened_by, opened_at, steps, version) SELECT boat_id, 'in_work', draft, opened_by, opened_at, 9, 1 FROM work_order CROSS JOIN (SELECT 1 FROM part LIMIT 40) copies WHERE number = $stopped");

        self::assertSame($stopped, $this->numbers($this->lane('bench')->at('orders')->list())[0]);
    }

    public function testWhatWasPromisedFirstStandsFirstAndACardSaysWhoAndSinceWhen(): void
    {
        [$late, $later] = [$this->issuedTwin(), $this->issuedTwin()];
        $connection = $this->entities()->getConnection();
        $connection->executeStatement("UPDATE work_order SET ready_by = '2026-03-17 08:00:00' WHERE number = $late");
        $cards = $this->lane('issued')->at('orders')->list();
        self::assertSame([$late, $later], \array_slice($this->numbers($cards), 0, 2));
        $card = $cards[0];
        self::assertSame(
            ['2026-03-17T08:00:00+00:00', 'ines', null],
            [$card->at('readyBy')->raw(), $card->at('writer')->raw(), $card->at('technician')->raw()],
        );
        self::assertNotNull($cards[1]->at('readyBy')->raw(), 'foreseen when it was issued');
        $this->signIn('ada');
        $this->enter($later, $this->entry('rig.place.level', 'tick'));
        self::assertSame('ada', $this->lane('bench')->at('orders')->at(0)->at('technician')->raw());
        $caller = $this->call('GET', "/api/orders/$later")->at('caller');
        self::assertSame(
            ['01 555 0110', 1, 'ada'],
            [$caller->at('owner')->at('phone')->raw(), $caller->at('stepsDone')->raw(), $caller->at('worker')->raw()],
        );
        self::assertNotNull($caller->at('next')->raw());
        $connection->executeStatement(
            "UPDATE work_order SET document = REPLACE(document, 'Place the boat', 'Placed') WHERE number = $later",
        );
        $this->entities()->clear();
        self::assertSame(0, $this->call('GET', "/api/orders/$later")->at('caller')->at('stepsDone')->raw(), 'what was changed is not told');
    }

    public function testTheBoardSaysHowFarAnOrderIsAsTheBenchDoes(): void
    {
        $number = $this->issuedTwin();
        $this->signIn('ada');
        $steps = \count($this->call('GET', "/api/orders/$number/bench")->at('steps')->list());
        self::assertSame([0, $steps], $this->progress($number, 'issued'));
        $bench = $this->enter($number, $this->entry('rig.place.level', 'tick'));
        $done = \count(array_filter($bench->at('steps')->list(), static fn (Cursor $step): bool => true === $step->at('done')->raw()));
        self::assertSame(1, $done);
        self::assertSame([$done, $steps], $this->progress($number, 'bench'));

        // as an order of a version before, of which nobody has counted it
        $this->entities()->getConnection()->executeStatement("UPDATE work_order SET steps = NULL, steps_done = 0 WHERE number = $number");
        $this->entities()->clear();
        $tally = self::getContainer()->get(TallyOrders::class);
        self::assertInstanceOf(TallyOrders::class, $tally);
        self::assertSame(1, $tally());
        self::assertSame([$done, $steps], $this->progress($number, 'bench'));
        self::assertSame(0, $tally(), 'once is enough');
    }

    private function lane(string $name): Cursor
    {
        return array_values(array_filter($this->call('GET', '/api/board')->at('lanes')->list(), static fn (Cursor $lane): bool => $name === $lane->at('lane')->raw()))[0];
    }

    /** @return array{mixed, mixed} steps done, steps */
    private function progress(int $number, string $lane): array
    {
        $order = array_values(array_filter($this->lane($lane)->at('orders')->list(), static fn (Cursor $order): bool => $number === $order->at('number')->raw()))[0];

        return [$order->at('stepsDone')->raw(), $order->at('steps')->raw()];
    }

    /**
     * @param list<Cursor> $orders
     *
     * @return non-empty-list<int>
     */
    private function numbers(array $orders): array
    {
        $numbers = array_map(static fn (Cursor $order): int => $order->at('number')->int(1, \PHP_INT_MAX), $orders);
        self::assertNotSame([], $numbers);

        return $numbers;
    }
}
