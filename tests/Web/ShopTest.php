<?php

declare(strict_types=1);

namespace FreshTack\Tests\Web;

use FreshTack\Console\Demo\GoodDay;
use FreshTack\Core\Reading\Cursor;

/** The board, the lists and the shop itself. */
final class ShopTest extends ApiTestCase
{
    public function testEveryAnswerTellsTheTimeOfTheShop(): void
    {
        $this->call('GET', '/api/shop');
        self::assertStringStartsWith('2026-03-18T', (string) $this->client->getResponse()->headers->get('X-Shop-Time'));
    }

    public function testTheBoardPutsTheMostPressingFirst(): void
    {
        $this->signIn('ines');
        $board = $this->call('GET', '/api/board');
        $pressing = $board->at('pressing')->list();
        $names = array_map(static fn (Cursor $line): string => $line->at('boat')->at('name')->string(), $pressing);
        $days = array_map(static fn (Cursor $line): string => $line->at('dueOn')->string(), $pressing);

        self::assertSame('Old Pennant', $names[0], 'the neglected one');
        self::assertNotContains('Tidewright', $names, 'the over-serviced one');
        self::assertSame($days, [...array_filter($days, static fn (string $day): bool => $day <= '2026-03-18')], 'nothing that is not due yet');
        $sorted = $days;
        sort($sorted);
        self::assertSame($sorted, $days, 'the longest due first');
        self::assertSame(0, $board->at('dues')->at('stale')->raw());
        self::assertGreaterThanOrEqual(\count($pressing), $board->at('dues')->at('now')->int(0, 1000));
    }

    public function testAnEngineWithoutMeterIsJudgedByDateAlone(): void
    {
        $this->signIn('ines');
        $engine = $this->call('GET', '/api/boats/'.$this->boatId('Cox\'s Echo'))->at('engines')->at(0);
        $due = $engine->at('dues')->at(0);

        self::assertSame([null, 'calendar', null, null], [$engine->at('hours')->raw(), $due->at('by')->raw(), $due->at('hoursLeft')->raw(), $due->at('hoursShare')->raw()]);
        self::assertSame('overdue', $due->at('state')->raw());
    }

    public function testOilAndFilterHaveClocksOfTheirOwn(): void
    {
        $this->signIn('ines');
        $dues = $this->call('GET', '/api/boats/'.$this->boatId('Grey Oyster'))->at('engines')->at(0)->at('dues');

        // oil every 120 h, last at 720.4 h: due at 840.4 h; the filter every 12 months, last 420 days ago
        self::assertSame(['soon', 'hours', '840.4'], [$dues->at(0)->at('state')->raw(), $dues->at(0)->at('by')->raw(), $dues->at(0)->at('dueHours')->raw()]);
        self::assertSame(['overdue', 'calendar'], [$dues->at(1)->at('state')->raw(), $dues->at(1)->at('by')->raw()]);
    }

    public function testANewEngineHasItsFirstService(): void
    {
        $this->signIn('ines');
        $due = $this->call('GET', '/api/boats/'.$this->boatId('Little Dunlin'))->at('engines')->at(0)->at('dues')->at(0);

        self::assertSame(['soon', '20.0'], [$due->at('state')->raw(), $due->at('dueHours')->raw()]);
        self::assertStringContainsString('first service at 20 h or 1 month', $due->at('why')->string());
    }

    public function testTheDemoNamesItsAccountsAndPassword(): void
    {
        $shop = $this->call('GET', '/api/shop');

        self::assertSame([5, self::PASSWORD], [\count($shop->at('demoAccounts')->list()), $shop->at('demoPassword')->raw()]);
    }

    public function testAShopThatIsNoDemoNamesNobody(): void
    {
        self::ensureKernelShutdown();
        $_SERVER['FRESH_TACK_DEMO'] = $_ENV['FRESH_TACK_DEMO'] = '0';
        try {
            $this->client = self::createClient();
            $shop = $this->call('GET', '/api/shop');
        } finally {
            $_SERVER['FRESH_TACK_DEMO'] = $_ENV['FRESH_TACK_DEMO'] = '1';
        }

        self::assertSame([[], null], [$shop->at('demoAccounts')->raw(), $shop->at('demoPassword')->raw()]);
    }

    public function testAParkedTaskStandsInTheRecordAndStaysDue(): void
    {
        $this->signIn('ines');
        $three = [['hours' => '262', 'tasks' => ['engine_oil', 'oil_filter']], ['hours' => '240'], ['hours' => '240']];
        $file = $this->call('POST', '/api/boats/'.$this->boatId('Meridian Heron').'/check-ins', $this->draftFor('Meridian Heron', $three));
        $number = $file->at('number')->int(1, \PHP_INT_MAX);
        $this->call('POST', "/api/orders/$number/issue", ['version' => $file->at('version')->raw()]);
        $this->signIn('ada');
        $entries = array_map(static fn (array $entry): array => 'poured' === $entry['kind'] ? [...$entry, 'value' => ['volume' => ['value' => '3.1', 'unit' => 'l']]] : $entry, $this->wholeJob($this->call('GET', "/api/orders/$number/bench")));
        $rested = array_map(
            static fn (array $entry): array => 'level' === $entry['kind'] ? [...$entry, 'value' => ['reading' => '0.55']] : $entry,
            $entries,
        );
        $bench = $this->call('POST', "/api/orders/$number/entries", ['entries' => $rested]);
        $this->call('POST', "/api/orders/$number/release", [
            'version' => $bench->at('order')->at('version')->raw(),
            'remark' => 'The rest stays with the boat.',
            'oil' => GoodDay::notMeasured($bench),
        ]);
        self::assertSame(200, $this->status);

        $port = $this->call('GET', "/api/orders/$number/record")->at('engines')->at(0);
        self::assertSame(['Engine oil'], array_map(static fn (Cursor $task): string => $task->at('title')->string(), $port->at('tasks')->list()));
        self::assertSame(['Oil filter'], array_map(static fn (Cursor $task): string => $task->at('title')->string(), $port->at('parked')->list()));
        $engine = $this->call('GET', '/api/boats/'.$this->boatId('Meridian Heron'))->at('engines')->at(0);
        self::assertSame(['402.0', '402.6'], [$engine->at('dues')->at(0)->at('dueHours')->raw(), $engine->at('dues')->at(1)->at('dueHours')->raw()]);
    }

    public function testEveryLineOfAnOrderSaysWhy(): void
    {
        $number = $this->issuedTwin();
        $work = $this->call('GET', "/api/orders/$number")->at('work');
        foreach (['operations', 'parts', 'tools', 'cautions', 'oil'] as $leaf) {
            foreach ($work->at($leaf)->list() as $line) {
                self::assertGreaterThan(8, mb_strlen($line->at('why')->string()), $leaf);
            }
        }
        $why = array_map(static fn (Cursor $part): string => $part->at('why')->string(), $work->at('parts')->list());
        self::assertStringContainsString('Kestrane workshop book K165, rev. C, p. 3-11', implode(' ', $why));
        self::assertSame('Called for by: close out.', array_values(array_filter($work->at('cautions')->list(), static fn (Cursor $caution): bool => 'waste' === $caution->at('id')->raw()))[0]->at('why')->raw());
    }

    public function testWhoeverClaimsAProxyIsNotBelieved(): void
    {
        foreach (range(1, 5) as $try) {
            $this->call('POST', '/api/sign-in', ['username' => 'ada', 'password' => 'guess'], ['HTTP_X-Fresh-Tack' => '1', 'HTTP_X-Forwarded-For' => "10.0.0.$try"]);
        }
        $this->call('POST', '/api/sign-in', ['username' => 'ada', 'password' => self::PASSWORD], ['HTTP_X-Fresh-Tack' => '1', 'HTTP_X-Forwarded-For' => '10.0.0.9']);

        self::assertSame(429, $this->status);
    }
}
