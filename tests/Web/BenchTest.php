<?php

declare(strict_types=1);

namespace FreshTack\Tests\Web;

use FreshTack\Console\Demo\GoodDay;
use FreshTack\Core\Reading\Cursor;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Uid\Uuid;

final class BenchTest extends ApiTestCase
{
    public function testTheWholeJobFromTheBenchToTheRecordAndTheNextDue(): void
    {
        $number = $this->issuedTwin();
        $this->signIn('ada');
        $bench = $this->call('POST', "/api/orders/$number/entries", ['entries' => $this->wholeJob($this->call('GET', "/api/orders/$number/bench"))]);
        self::assertSame([200, []], [$this->status, array_filter($bench->at('steps')->list(), static fn (Cursor $step): bool => true !== $step->at('done')->raw())]);
        $release = ['version' => $bench->at('order')->at('version')->raw(), 'remark' => 'All well.', 'oil' => GoodDay::oilLeft($bench)];
        self::assertSame([['engine_oil', 2, 'used-oil tank'], ['oil_filters', 2, 'filter drum']], array_map(
            static fn (Cursor $each): array => [$each->at('kind')->raw(), $each->at('engines')->raw(), $each->at('container')->raw()],
            $bench->at('waste')->list(),
        ));
        $filters = ['kind' => 'oil_filters', 'amount' => null, 'pieces' => 2, 'container' => 'filter drum'];
        $refused = $this->call('POST', "/api/orders/$number/release", [...$release, 'waste' => [[...$filters, 'container' => ' ']]]);
        self::assertSame(['/waste/0/container'], self::pointers($refused));
        $none = [...$release, 'waste' => [[...$filters, 'pieces' => 0]]];
        $refused = $this->call('POST', "/api/orders/$number/release", $none, described: false);
        self::assertSame(['/waste/0/pieces'], self::pointers($refused));
        $refused = $this->call('POST', "/api/orders/$number/release", [...$release, 'waste' => [$filters, $filters]]);
        self::assertSame(['/waste/1/kind'], self::pointers($refused));
        $this->call('POST', "/api/orders/$number/release", [...$release, 'waste' => [$filters]]);
        self::assertSame(200, $this->status);

        $record = $this->call('GET', "/api/orders/$number/record");
        $port = $record->at('engines')->at(0);
        self::assertSame(
            ['Oil filters, drained: 2, into filter drum.', 'Used engine oil: nobody wrote down where it went.'],
            $record->at('waste')->raw(),
        );
        self::assertSame([[], '4.90 l (5.18 US qt)'], [$port->at('watch')->raw(), $port->at('oil')->at('filled')->raw()]);
        self::assertSame(
            ['It was not tried under load on the water: full throttle, and shifting under way.'],
            $port->at('untested')->raw(),
        );
        self::assertContains(
            ['Black or brown, clear of water and metal', 'as_found'],
            array_map(
                static fn (Cursor $entry): array => [$entry->at('text')->raw(), $entry->at('section')->raw()],
                $port->at('entries')->list(),
            ),
        );
        // 611.4 h + 160 h; 18 Mar 2026 + 12 months
        self::assertSame(['771.4', '2027-03-18'], [$port->at('tasks')->at(0)->at('nextHours')->raw(), $port->at('tasks')->at(0)->at('nextDay')->raw()]);
        self::assertSame(['0.6', 4900], [$port->at('oil')->at('level')->raw(), $port->at('oil')->at('inEngineMl')->raw()]);
        self::assertSame(['QV-50318'], array_map(static fn (Cursor $part): string => $part->at('number')->string(), $port->at('parts')->list()));
        self::assertContains('8.5 N·m (≈ 6.3 ft·lb) with another torque wrench (the shop\'s are away)', array_map(static fn (Cursor $entry): string => $entry->at('text')->string(), $port->at('entries')->list()));

        $boat = $this->call('GET', '/api/boats/'.$this->boatId('Brisk Tern'));
        foreach ($boat->at('engines')->list() as $engine) {
            $oilAndFilter = \array_slice($engine->at('dues')->list(), 0, 2);
            self::assertSame(['not_due', 'not_due'], array_map(static fn (Cursor $due): string => $due->at('state')->string(), $oilAndFilter));
        }
        $done = $this->call('GET', '/api/engines/'.$boat->at('engines')->at(0)->at('id')->int(1, \PHP_INT_MAX).'/log')->at('done')->list();
        self::assertSame("order $number", $done[\count($done) - 1]->at('evidence')->raw());
        foreach (['record', 'label'] as $what) {
            $this->call('GET', "/api/orders/$number/$what.pdf");
            self::assertSame(200, $this->status);
        }
        self::assertSame(2, $this->call('POST', "/api/orders/$number/label")->at('labels')->raw());
    }

    public function testARenewalOnWishIsRecordedAsOneAndACleaningAsThat(): void
    {
        $this->signIn('ines');
        $draft = $this->draftFor('Brisk Tern', [
            ['hours' => '611.4', 'tasks' => ['thermostats'], 'renew' => ['thermostats']],
            ['hours' => '598.0', 'tasks' => ['thermostats'], 'renew' => []],
        ]);
        $file = $this->call('POST', '/api/boats/'.$this->boatId('Brisk Tern').'/check-ins', $draft);
        $number = $file->at('number')->int(1, \PHP_INT_MAX);
        $this->call('POST', "/api/orders/$number/issue", ['version' => $file->at('version')->raw()]);
        $this->signIn('ada');
        $bench = $this->call('POST', "/api/orders/$number/entries", ['entries' => $this->wholeJob($this->call('GET', "/api/orders/$number/bench"))]);
        $this->call('POST', "/api/orders/$number/release", ['version' => $bench->at('order')->at('version')->raw(), 'remark' => '']);
        self::assertSame(200, $this->status);

        $actions = [];
        foreach ($this->call('GET', "/api/orders/$number")->at('engines')->list() as $engine) {
            $log = $this->call('GET', '/api/engines/'.$engine->at('id')->int(1, \PHP_INT_MAX).'/log');
            $actions[] = array_values(array_filter(
                $log->at('done')->list(),
                static fn (Cursor $done): bool => "order $number" === $done->at('evidence')->raw(),
            ))[0]->at('action')->raw();
        }
        self::assertSame(['renew', 'clean'], $actions);
    }

    public function testEmulsifiedOilStopsTheJobAndTheBoardSaysSo(): void
    {
        $number = $this->issuedTwin();
        $this->workUntil($number, 'port.drain-valve.look');
        $bench = $this->enter($number, $this->entry('port.drain-valve.look', 'observation', ['observation' => 'oil_emulsified']));
        self::assertSame(['stopped', 'oil_emulsified'], [$bench->at('order')->at('status')->raw(), $bench->at('stoppedBy')->at('value')->raw()]);
        $problem = $this->enter($number, $this->entry('port.close-valve.close', 'torque', ['torque' => '8.5', 'unit' => 'nm', 'wrench' => 'TW-1']));
        self::assertSame([422, ['/entries/0']], [$this->status, self::pointers($problem)]);
        $this->call('POST', "/api/orders/$number/release", ['version' => $bench->at('order')->at('version')->raw(), 'remark' => '']);
        self::assertSame(422, $this->status);
        // a technician may not decide
        $this->enter($number, $this->entry('port.drain-valve.look', 'decision', ['text' => 'go on']));
        self::assertSame(422, $this->status);

        $this->signIn('ines');
        $line = array_values(array_filter($this->call('GET', '/api/board')->at('lanes')->at(2)->at('orders')->list(), static fn (Cursor $order): bool => $number === $order->at('number')->raw()))[0];
        self::assertSame(['stopped', 'Emulsified: milky, creamy'], [$line->at('status')->raw(), $line->at('stoppedBy')->raw()]);
        $after = $this->enter($number, $this->entry('port.drain-valve.look', 'decision', ['text' => 'Flushed twice, seal ordered.']));
        self::assertSame(['in_work', null], [$after->at('order')->at('status')->raw(), $after->at('stoppedBy')->raw()]);
        self::assertSame(['bench.stopped', 'bench.decided'], $this->entities()->getConnection()->fetchFirstColumn('SELECT action FROM audit_entry WHERE subject = ? AND action LIKE \'bench.%\' ORDER BY id', ["order $number"]));
    }

    public function testAReadingTooSoonIsRefusedAndTheStepSaysFromWhenOnItMayBeDone(): void
    {
        $number = $this->issuedTwin();
        $this->workUntil($number, 'port.fill.pour');
        $bench = $this->enter(
            $number,
            $this->entry('port.fill.pour', 'poured', ['volume' => ['value' => '4.9', 'unit' => 'l']]),
            $this->entry('port.fill.cap', 'tick'),
        );
        $step = $this->step($bench, 'port.first-rest.rest');
        $poured = $bench->at('now')->string();
        $settled = (new \DateTimeImmutable($poured))->modify('+6 minutes')->format(\DATE_ATOM);
        self::assertSame(
            ['Port: the oil has not rested long enough. Wait 6 min more.', $settled],
            [$step->at('notYet')->at('why')->raw(), $step->at('notYet')->at('until')->raw()],
        );
        self::assertContains(
            ['port', 'Let the oil settle', $poured, $settled],
            array_map(static fn (Cursor $timer): array => [
                $timer->at('position')->raw(),
                $timer->at('title')->raw(),
                $timer->at('from')->raw(),
                $timer->at('until')->raw(),
            ], $bench->at('timers')->list()),
        );

        $problem = $this->enter($number, $this->entry('port.first-reading.read', 'level', ['reading' => '0.10']));
        self::assertSame(422, $this->status);
        self::assertStringContainsString('Wait 6 min more', $problem->at('detail')->string());
        $problem = $this->enter($number, $this->entry('port.first-reading.read', 'level', ['reading' => '0.10', 'restMin' => 40]));
        self::assertStringContainsString('leave the minutes out', $problem->at('detail')->string());

        $bench = $this->enter($number, $this->entry('port.first-rest.rest', 'waited', ['minutes' => 6]));
        self::assertSame($settled, $bench->at('now')->raw());
        self::assertNull($this->step($bench, 'port.first-rest.rest')->at('notYet')->raw());
    }

    public function testOnlyADemoLetsTimePass(): void
    {
        $number = $this->issuedTwin();
        self::ensureKernelShutdown();
        $_SERVER['FRESH_TACK_DEMO'] = $_ENV['FRESH_TACK_DEMO'] = '0';
        try {
            $this->client = self::createClient();
            $this->signIn('ada');
            $this->enter($number, $this->entry('rig.place.level', 'waited', ['minutes' => 6]));
        } finally {
            $_SERVER['FRESH_TACK_DEMO'] = $_ENV['FRESH_TACK_DEMO'] = '1';
        }

        self::assertContains($this->status, [404, 422]);
    }

    public function testAGateIsAskedOfEveryEntryAndWhatHappenedAllTheSameIsTakenAndStopsTheWork(): void
    {
        $number = $this->issuedTwin();
        $this->workUntil($number, 'port.close-valve.close');
        $pour = $this->entry('port.fill.pour', 'poured', ['volume' => ['value' => '4.9', 'unit' => 'l']]);
        $problem = $this->enter($number, $pour);
        self::assertSame(
            [422, 'Port: the drain is still open. First: “Close the drain valve” (Port).'],
            [$this->status, $problem->at('detail')->raw()],
        );

        $bench = $this->enter($number, [...$pour, 'happened' => true]);
        self::assertSame([200, 'stopped', 'happened', 'port'], [
            $this->status,
            $bench->at('order')->at('status')->raw(),
            $bench->at('stoppedBy')->at('value')->raw(),
            $bench->at('stoppedBy')->at('position')->raw(),
        ]);
        self::assertSame(
            'Port: the drain is still open. First: “Close the drain valve” (Port).',
            $bench->at('stoppedBy')->at('meaning')->raw(),
        );
        self::assertTrue($bench->at('entries')->at(0)->at('happened')->raw());
        // sent once more it is the same entry
        $this->enter($number, [...$pour, 'happened' => true]);
        self::assertSame(200, $this->status);
        // the board says so, and the drain may still be closed
        self::assertSame('Happened all the same', array_values(array_filter(
            $this->call('GET', '/api/board')->at('lanes')->at(2)->at('orders')->list(),
            static fn (Cursor $order): bool => $number === $order->at('number')->raw(),
        ))[0]->at('stoppedBy')->raw());
        $this->enter(
            $number,
            $this->entry('port.close-valve.close', 'torque', ['torque' => '8.5', 'unit' => 'nm', 'wrench' => 'TW-1, 5–25 N·m']),
        );
        self::assertSame(200, $this->status);
    }

    public function testAPartThatNobodyHasHeldAgainstItsEngineIsNotFitted(): void
    {
        $number = $this->issuedTwin();
        $this->signIn('ada');
        $this->call('POST', "/api/orders/$number/cart", ['number' => 'QV-50644', 'engine' => 'Starboard']);
        $before = GoodDay::before($this->call('GET', "/api/orders/$number/bench"), 'port.filter-off.shut');
        $bench = $this->call('POST', "/api/orders/$number/entries", ['entries' => $before]);
        $why = 'Nobody has held QV-50318 against this engine yet: do that at the cart first.';
        self::assertSame(
            $why,
            $this->step($bench, 'port.filter-off.shut')->at('notYet')->at('why')->raw(),
            'the old filter stays on until the new one is there',
        );
        $problem = $this->enter($number, $this->entry('port.filter-off.shut', 'tick'));
        self::assertSame([422, $why], [$this->status, $problem->at('detail')->raw()]);

        $this->call('POST', "/api/orders/$number/cart", ['number' => 'QV-50644', 'engine' => 'Port']);
        $this->enter($number, $this->entry('port.filter-off.shut', 'tick'));
        self::assertSame(422, $this->status, 'that is the number of the engine beside it');
        $this->call('POST', "/api/orders/$number/cart", ['number' => 'QV-50318', 'engine' => 'Port']);
        $this->enter($number, $this->entry('port.filter-off.shut', 'tick'));
        self::assertSame(200, $this->status);
    }

    public function testAnOrderIsParkedAndWhateverIsEnteredNextGoesOnWithIt(): void
    {
        $number = $this->issuedTwin();
        $this->workUntil($number, 'port.fill.pour');
        $bench = $this->enter($number, $this->entry(
            'port.fill.pour',
            'parked',
            ['waitsFor' => 'night', 'text' => 'The drum is empty.', 'until' => '2026-03-19T07:00:00Z'],
        ));
        self::assertSame(['parked', 'ada', 'over night, The drum is empty.', '2026-03-19T07:00:00+00:00'], [
            $bench->at('order')->at('status')->raw(),
            $bench->at('parked')->at('by')->raw(),
            $bench->at('parked')->at('why')->raw(),
            $bench->at('parked')->at('until')->raw(),
        ]);
        $lane = array_map(
            static fn (Cursor $order): array => [$order->at('number')->raw(), $order->at('status')->raw()],
            $this->call('GET', '/api/board')->at('lanes')->at(2)->at('orders')->list(),
        );
        self::assertContains([$number, 'parked'], $lane);
        $bench = $this->enter($number, $this->entry('port.fill.pour', 'note', ['text' => 'A drum has come.']));
        self::assertSame('parked', $bench->at('order')->at('status')->raw());
        $bench = $this->enter($number, $this->entry('port.fill.pour', 'poured', ['volume' => ['value' => '4.9', 'unit' => 'l']]));
        self::assertSame(['in_work', null], [$bench->at('order')->at('status')->raw(), $bench->at('parked')->raw()]);
        $problem = $this->enter($number, $this->entry('port.fill.pour', 'parked', ['waitsFor' => 'other', 'text' => ' ']));
        self::assertSame([422, ['/entries/0/value/text']], [$this->status, self::pointers($problem)]);
    }

    public function testWhatCouldBeEnteredAsUsualIsNotMarked(): void
    {
        $number = $this->issuedTwin();
        $this->signIn('ada');
        $problem = $this->enter($number, [...$this->entry('rig.place.level', 'tick'), 'happened' => true]);

        self::assertSame([422, 'Nothing speaks against this: enter it as usual.'], [$this->status, $problem->at('detail')->raw()]);
    }

    public function testQuartsTypedAsLitresAreAskedAbout(): void
    {
        $number = $this->issuedTwin();
        $this->workUntil($number, 'port.fill.pour');
        $problem = $this->enter($number, $this->entry('port.fill.pour', 'poured', ['volume' => ['value' => '5.19', 'unit' => 'l']]));
        self::assertSame(422, $this->status);
        self::assertStringContainsString('Which unit was it?', $problem->at('detail')->string());
        foreach ([['500', 'l'], ['49', 'l'], ['12.6', 'us_qt']] as [$value, $unit]) {
            $problem = $this->enter($number, $this->entry('port.fill.pour', 'poured', ['volume' => ['value' => $value, 'unit' => $unit]]));
            self::assertSame(422, $this->status, $value);
            self::assertStringContainsString('more than this engine takes', $problem->at('detail')->string());
        }
        $this->enter($number, $this->entry('port.fill.pour', 'poured', ['volume' => ['value' => '5.19', 'unit' => 'us_qt']]));
        self::assertSame(200, $this->status);
    }

    public function testFromPaperTheOrderOfWorkIsJudgedAndTimesAreAskedForRunsPoursAndReadings(): void
    {
        $number = $this->issuedTwin();
        $this->signIn('ada');
        $bench = $this->call('GET', "/api/orders/$number/bench");
        $this->holdParts($bench);
        $this->enter($number, $this->entry('rig.place.level', 'waited', ['minutes' => 300]));
        $timed = array_map(
            static fn (Cursor $step): mixed => $step->at('id')->raw(),
            array_filter($bench->at('steps')->list(), static fn (Cursor $step): bool => true === $step->at('timed')->raw()),
        );
        self::assertSame(
            [
                'port.warm-up.start',
                'port.warm-up.stop',
                'port.fill.pour',
                'port.first-reading.read',
                'port.run.start',
                'port.leak-check.stop',
                'port.reading.read',
            ],
            array_values(array_filter($timed, static fn (mixed $id): bool => \is_string($id) && str_starts_with($id, 'port.'))),
        );
        $until = GoodDay::paper(GoodDay::before($bench, 'port.first-reading.read'), $timed, '09:10');
        $poured = array_column($until, 'doneAt', 'stepId')['port.fill.pour'];
        self::assertIsString($poured);
        $after = static fn (string $minutes): string => (new \DateTimeImmutable($poured))
            ->modify("$minutes minutes")->format('Y-m-d\TH:i:s\Z');
        $answer = $this->call('POST', "/api/orders/$number/entries", ['entries' => $until]);
        self::assertSame(200, $this->status, (string) json_encode($answer->raw()));

        $read = [...$this->entry('port.first-reading.read', 'level', ['reading' => '0.60']), 'fromPaper' => true];
        $tries = [
            [$read, 'Say when this was done'],
            [[...$read, 'doneAt' => $after('+3')], 'Wait 3 min more'],
            [[...$read, 'doneAt' => $after('-3')], 'done before what stands above it'],
            [[...$read, 'doneAt' => '2026-03-18T14:30:00Z'], 'still to come'],
            [[...$read, 'doneAt' => '2026-03-18T08:30:00Z'], 'before the order was issued'],
        ];
        foreach ($tries as [$entry, $told]) {
            self::assertStringContainsString($told, $this->enter($number, $entry)->at('detail')->string());
        }
        $bench = $this->enter($number, [...$read, 'doneAt' => $after('+6')]);
        self::assertSame(
            [200, 'level 0.6 after 6 min of rest'],
            [$this->status, $this->step($bench, 'port.first-reading.read')->at('answer')->raw()],
        );
    }

    public function testTheSameEntrySentTwiceCountsOnce(): void
    {
        $number = $this->issuedTwin();
        $this->workUntil($number, 'port.fill.pour');
        $entry = $this->entry('port.fill.pour', 'poured', ['volume' => ['value' => '4.9', 'unit' => 'l']]);
        $this->enter($number, $entry);
        $bench = $this->enter($number, $entry);

        self::assertSame([200, 4900, 1], [$this->status, $bench->at('oil')->at(0)->at('inEngineMl')->raw(), \count($bench->at('entries')->list())]);
    }

    public function testOilIsNotPouredInTwiceAndTheSecondHearsOfTheFirst(): void
    {
        $number = $this->issuedTwin();
        $this->workUntil($number, 'port.fill.pour');
        $this->enter($number, $this->entry('port.fill.pour', 'poured', ['volume' => ['value' => '4.9', 'unit' => 'l']]));
        $this->signIn('mora');
        $problem = $this->enter($number, $this->entry('port.fill.pour', 'poured', ['volume' => ['value' => '4.9', 'unit' => 'l']]));

        self::assertSame([422, ['/entries/0']], [$this->status, self::pointers($problem)]);
        self::assertStringContainsString('Oil was poured in here already: 4.9 l (5.18 US qt).', $problem->at('detail')->string());
        self::assertMatchesRegularExpression('/It was entered by Ada [A-Z]\w+ at \d\d:\d\d\.$/', $problem->at('detail')->string());
        self::assertSame(4900, $this->call('GET', "/api/orders/$number/bench")->at('oil')->at(0)->at('inEngineMl')->raw());
    }

    /** @return iterable<string, array{array<string, string>, int, string}> wrench and reason; status, and what is said */
    public static function wrenches(): iterable
    {
        yield 'of 100 N·m for 8.5' => [['wrench' => 'TW-2, 20–100 N·m'], 422, 'say why this one'];
        yield 'of 100 N·m for 8.5, with a reason' => [['wrench' => 'TW-2, 20–100 N·m', 'reason' => 'TW-1 is at the maker\'s'], 200, ''];
        yield 'a hammer' => [['wrench' => 'a hammer', 'reason' => 'at hand'], 422, 'The shop has no torque wrench "a hammer".'];
        yield 'the one that it asks for' => [['wrench' => 'TW-1, 5–25 N·m'], 200, ''];
    }

    /** @param array<string, string> $value */
    #[DataProvider('wrenches')]
    public function testATorqueIsSetWithAWrenchThatReachesItOrItIsSaidWhyNot(array $value, int $status, string $told): void
    {
        $number = $this->issuedTwin();
        $this->workUntil($number, 'port.close-valve.close');
        $bench = $this->call('GET', "/api/orders/$number/bench");
        $step = array_values(array_filter($bench->at('steps')->list(), static fn (Cursor $each): bool => 'port.close-valve.close' === $each->at('id')->raw()))[0];
        self::assertSame(['TW-1, 5–25 N·m'], $step->at('wrenches')->raw());
        $answer = $this->enter($number, $this->entry('port.close-valve.close', 'torque', ['torque' => '8.5', 'unit' => 'nm', ...$value]));

        self::assertSame($status, $this->status);
        self::assertStringContainsString($told, 200 === $status ? '' : $answer->at('detail')->string());
    }

    public function testACorrectionLeavesTheStopAndTheBoardKeepsIt(): void
    {
        $number = $this->issuedTwin();
        $this->workUntil($number, 'port.drain-valve.look');
        $wrong = $this->entry('port.drain-valve.look', 'observation', ['observation' => 'oil_emulsified']);
        $this->enter($number, $wrong);
        $bench = $this->enter($number, $this->entry('port.drain-valve.look', 'observation', ['observation' => 'oil_black'], \is_string($wrong['uuid']) ? $wrong['uuid'] : null));

        self::assertSame([200, 'stopped', 'oil_emulsified'], [$this->status, $bench->at('order')->at('status')->raw(), $bench->at('stoppedBy')->at('value')->raw()]);
        $this->signIn('ines');
        $after = $this->enter($number, $this->entry('port.drain-valve.look', 'decision', ['text' => 'Looked together: black.']));
        self::assertSame(['in_work', null], [$after->at('order')->at('status')->raw(), $after->at('stoppedBy')->raw()]);
    }

    /** The twin, one task at the port engine, nothing renewed on wish. */
    private function issuedWith(string $task): int
    {
        $this->signIn('ines');
        $draft = $this->draftFor('Brisk Tern', [
            ['hours' => '611.4', 'tasks' => [$task], 'renew' => []],
            ['hours' => '598.0', 'tasks' => [], 'renew' => []],
        ]);
        $file = $this->call('POST', '/api/boats/'.$this->boatId('Brisk Tern').'/check-ins', $draft);
        $number = $file->at('number')->int(1, \PHP_INT_MAX);
        $this->call('POST', "/api/orders/$number/issue", ['version' => $file->at('version')->raw()]);
        $this->signIn('ada');

        return $number;
    }

    /** The sheets only ask to look at the belt, QV-61080 and QV-61280: one lies ready, and somebody says that it was not needed. */
    public function testWhatLayReadyIsRecordedAsFittedOnlyIfItWentOn(): void
    {
        $this->signIn('ines');
        $draft = $this->draftFor('Brisk Tern', [
            ['hours' => '611.4', 'tasks' => ['accessory_belt'], 'renew' => []],
            ['hours' => '598.0', 'tasks' => ['accessory_belt'], 'renew' => ['accessory_belt']],
        ]);
        $file = $this->call('POST', '/api/boats/'.$this->boatId('Brisk Tern').'/check-ins', $draft);
        $number = $file->at('number')->int(1, \PHP_INT_MAX);
        $this->call('POST', "/api/orders/$number/issue", ['version' => $file->at('version')->raw()]);
        $this->signIn('ada');
        $job = array_filter(
            $this->wholeJob($this->call('GET', "/api/orders/$number/bench")),
            static fn (array $entry): bool => 'part_used' !== $entry['kind'],
        );
        $bench = $this->call('POST', "/api/orders/$number/entries", ['entries' => array_values($job)]);
        $release = fn (Cursor $now): Cursor => $this->call('POST', "/api/orders/$number/release", [
            'version' => $now->at('order')->at('version')->raw(),
            'remark' => '',
        ]);
        $refused = $release($bench);
        self::assertSame([422, ['/steps/port.belt-look.turn']], [$this->status, self::pointers($refused)]);
        $answer = $this->enter($number, $this->entry('port.belt-look.turn', 'part_used', ['number' => 'QV-61080', 'count' => 0]));
        self::assertSame(
            ['not_fitted', 0],
            [$answer->at('parts')->at(0)->at('fate')->raw(), $answer->at('parts')->at(0)->at('fitted')->raw()],
        );
        $release($answer);
        self::assertSame(200, $this->status);

        $record = $this->call('GET', "/api/orders/$number/record");
        $numbers = static fn (Cursor $parts): array => array_map(static fn (Cursor $part): mixed => $part->at('number')->raw(), $parts->list());
        [$port, $starboard] = [$record->at('engines')->at(0), $record->at('engines')->at(1)];
        self::assertSame([[], ['QV-61280']], [$numbers($port->at('parts')), $numbers($starboard->at('parts'))]);
        self::assertSame(1, $starboard->at('parts')->at(0)->at('count')->raw());
    }

    /** The belt is worn: it is asked what becomes of it, and the owner reads the answer. */
    public function testAFindingIsDecidedAboutAndStandsInTheRecord(): void
    {
        $number = $this->issuedWith('accessory_belt');
        $job = array_map(static fn (array $entry): array => 'port.belt-look.turn' === $entry['stepId'] && 'measured' === $entry['kind']
            ? [...$entry, 'value' => ['answers' => [['place' => '1', 'answer' => 'belt_worn']]]]
            : $entry, $this->wholeJob($this->call('GET', "/api/orders/$number/bench")));
        $bench = $this->call('POST', "/api/orders/$number/entries", ['entries' => $job]);
        $finding = $bench->at('findings')->at(0);
        self::assertSame(['port', 'Cracked, frayed or glazed', null], [
            $finding->at('position')->raw(),
            $finding->at('text')->raw(),
            $finding->at('settled')->raw(),
        ]);
        $refused = $this->call(
            'POST',
            "/api/orders/$number/release",
            ['version' => $bench->at('order')->at('version')->raw(), 'remark' => ''],
        );
        self::assertSame([422, ['/steps/port.belt-look.turn']], [$this->status, self::pointers($refused)]);

        $what = ['entry' => $finding->at('entry')->string(), 'place' => '1', 'how' => 'waits'];
        $refused = $this->enter($number, $this->entry('port.belt-look.turn', 'settled', $what));
        self::assertSame([422, ['/entries/0/value/text']], [$this->status, self::pointers($refused)]);
        $this->enter($number, $this->entry('port.belt-look.turn', 'settled', [...$what, 'text' => 'Mr Moor told.']));
        $bench = $this->call('GET', "/api/orders/$number/bench");
        $this->call('POST', "/api/orders/$number/release", ['version' => $bench->at('order')->at('version')->raw(), 'remark' => '']);
        self::assertSame(200, $this->status);
        $record = $this->call('GET', "/api/orders/$number/record")->at('engines')->at(0)->at('findings')->at(0);
        self::assertSame(
            ['The accessory belt', 'Renew it.', 'may wait: Mr Moor told.'],
            [$record->at('title')->raw(), $record->at('meaning')->raw(), $record->at('settled')->raw()],
        );
    }

    /** The tablet works nothing out: what one press enters is told with each step. */
    public function testWhatOnePressEntersIsTold(): void
    {
        $bench = $this->call('GET', '/api/orders/'.$this->issuedTwin().'/bench');
        $first = $bench->at('steps')->at(0);

        self::assertSame('rig.place.level', $first->at('id')->raw());
        self::assertContains($bench->at('steps')->at(1)->at('id')->raw(), $first->at('together')->strings());
        self::assertSame([], $first->at('before')->strings());
    }

    public function testACorrectionNamesWhatItCorrects(): void
    {
        $number = $this->issuedTwin();
        $this->workUntil($number, 'port.fill.pour');
        $wrong = $this->entry('port.fill.pour', 'poured', ['volume' => ['value' => '4.0', 'unit' => 'l']]);
        $this->enter($number, $wrong);
        $bench = $this->enter($number, $this->entry('port.fill.pour', 'poured', ['volume' => ['value' => '4.9', 'unit' => 'l']], \is_string($wrong['uuid']) ? $wrong['uuid'] : null));

        self::assertSame([4900, 1], [$bench->at('oil')->at(0)->at('inEngineMl')->raw(), \count($bench->at('entries')->list())]);
    }

    public function testOneBadEntryKeepsTheWholeBatchOut(): void
    {
        $number = $this->issuedTwin();
        $this->workUntil($number, 'port.close-valve.close');
        $before = $this->call('GET', "/api/orders/$number/bench")->at('entries')->raw();
        $problem = $this->enter(
            $number,
            $this->entry('port.close-valve.close', 'note', ['text' => 'Dry.']),
            $this->entry('port.close-valve.close', 'torque', ['torque' => '85', 'unit' => 'nm', 'wrench' => 'TW-1']),
        );
        self::assertSame([422, ['/entries/1']], [$this->status, self::pointers($problem)]);
        self::assertStringContainsString('85 N·m is outside 7 – 10 N·m', $problem->at('detail')->string());

        self::assertSame($before, $this->call('GET', "/api/orders/$number/bench")->at('entries')->raw());
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function broken(): iterable
    {
        yield 'a uuid that is none' => [['uuid' => 'x'], '/entries/0/uuid'];
        yield 'a kind that is none' => [['kind' => 'guess'], '/entries/0/kind'];
        yield 'a moment that is none' => [['deviceAt' => 'yesterday'], '/entries/0/deviceAt'];
        yield 'something that does not belong' => [['colour' => 'green'], '/entries/0/colour'];
        yield 'a step of no order' => [['stepId' => 'moon.land'], '/entries/0'];
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('broken')]
    public function testABrokenEntryIsNamedAtItsField(array $change, string $pointer): void
    {
        $number = $this->issuedTwin();
        $this->signIn('ada');
        $problem = $this->call('POST', "/api/orders/$number/entries", ['entries' => [[...$this->entry('rig.place.level', 'tick'), ...$change]]], described: false);

        self::assertSame([422, [$pointer]], [$this->status, self::pointers($problem)]);
    }

    public function testTheStoreRoomDoesNotWorkAtTheBench(): void
    {
        $number = $this->issuedTwin();
        $this->signIn('bram');
        $problem = $this->enter($number, $this->entry('rig.place.level', 'tick'));

        self::assertSame([422, ['/entries/0/kind']], [$this->status, self::pointers($problem)]);
    }

    public function testADraftHasNoBench(): void
    {
        $this->signIn('ines');
        $file = $this->call('POST', '/api/boats/'.$this->boatId('Cox\'s Echo').'/check-ins', $this->draftFor('Cox\'s Echo'));
        $this->call('GET', '/api/orders/'.$file->at('number')->int(1, \PHP_INT_MAX).'/bench');

        self::assertSame(409, $this->status);
    }

    public function testReleaseNamesWhatIsOpen(): void
    {
        $number = $this->issuedTwin();
        $this->signIn('ada');
        $version = $this->call('GET', "/api/orders/$number/bench")->at('order')->at('version')->raw();
        $problem = $this->call('POST', "/api/orders/$number/release", ['version' => $version, 'remark' => '']);

        self::assertSame([422, 'urn:fresh-tack:order.not_releasable'], [$this->status, $problem->at('type')->raw()]);
        self::assertContains('/steps/port.reading.read', self::pointers($problem));
    }

    public function testNothingIsEnteredAfterTheRelease(): void
    {
        $number = $this->issuedTwin();
        $this->signIn('ada');
        $bench = $this->call('POST', "/api/orders/$number/entries", ['entries' => $this->wholeJob($this->call('GET', "/api/orders/$number/bench"))]);
        $problem = $this->call('POST', "/api/orders/$number/release", ['version' => $bench->at('order')->at('version')->raw(), 'remark' => '']);
        self::assertStringContainsString('nobody has said how much is left', (string) json_encode($problem->raw()));
        $pool = $bench->at('pools')->at(0);
        $oil = ['grade' => $pool->at('grade')->raw(), 'performanceClass' => $pool->at('performanceClass')->raw(), 'opened' => ['value' => (string) $pool->at('pulledMl')->int(1, 99_999), 'unit' => 'ml'], 'leftOver' => ['value' => (string) $pool->at('leftMl')->int(0, 99_999), 'unit' => 'ml']];
        $this->call('POST', "/api/orders/$number/release", ['version' => $bench->at('order')->at('version')->raw(), 'remark' => '', 'oil' => [$oil]]);
        self::assertStringContainsString('it balances', $this->call('GET', "/api/orders/$number/record")->at('oils')->at(0)->string());
        $this->enter($number, $this->entry('rig.place.level', 'note', ['text' => 'late']));
        self::assertSame(409, $this->status);
        $this->call('POST', "/api/orders/$number/release", ['version' => $bench->at('order')->at('version')->raw(), 'remark' => '']);
        self::assertSame(409, $this->status);
    }

    /** A seized drain could be neither released, nor dropped, nor cancelled; "could not" was recorded as done. */
    public function testAnEngineThatCantBeMadeWholeIsLetGoByALeadAndNothingIsRecordedAsDone(): void
    {
        $number = $this->issuedTwin();
        $this->workUntil($number, 'port.close-valve.close');
        $bench = $this->enter(
            $number,
            $this->entry('port.close-valve.close', 'not_done', ['text' => 'thread stripped', 'cause' => 'damaged']),
        );
        foreach ($this->starboardIn($bench, $number) as $entry) {
            $bench = $this->enter($number, $entry);
            self::assertSame(200, $this->status);
        }
        $unfit = [['position' => 'port', 'why' => 'Drain thread stripped; stays on the lift.']];
        $body = [
            'version' => $bench->at('order')->at('version')->raw(),
            'remark' => '',
            'oil' => GoodDay::notMeasured($bench),
            'unfit' => $unfit,
        ];
        $problem = $this->call('POST', "/api/orders/$number/release", $body);
        self::assertSame([422, ['/unfit']], [$this->status, self::pointers($problem)]);
        self::assertSame(
            'An engine that is not fit to run is let go by a lead or a manager.',
            $problem->at('errors')->at(0)->at('detail')->raw(),
        );

        $this->signIn('mora');
        $problem = $this->call('POST', "/api/orders/$number/release", [...$body, 'unfit' => []]);
        self::assertContains('/unfit/port', self::pointers($problem));
        $this->call('POST', "/api/orders/$number/release", $body);
        self::assertSame(200, $this->status);

        $record = $this->call('GET', "/api/orders/$number/record");
        [$port, $starboard] = [$record->at('engines')->at(0), $record->at('engines')->at(1)];
        self::assertSame('Drain thread stripped; stays on the lift.', $port->at('unfit')->at('why')->raw());
        self::assertContains('The drain is still open.', (array) $port->at('unfit')->at('open')->raw());
        self::assertNull($port->at('tasks')->at(0)->at('nextDay')->raw());
        self::assertSame([], $port->at('parts')->raw(), 'its filter was not fitted');
        self::assertSame([null, 'done', '2027-03-18'], [
            $starboard->at('unfit')->raw(),
            $starboard->at('tasks')->at(0)->at('outcome')->raw(),
            $starboard->at('tasks')->at(0)->at('nextDay')->raw(),
        ]);
        $boat = $this->call('GET', '/api/boats/'.$this->boatId('Brisk Tern'));
        $evidence = array_map(fn (Cursor $engine): array => array_map(
            static fn (Cursor $done): mixed => $done->at('evidence')->raw(),
            $this->call('GET', '/api/engines/'.$engine->at('id')->int(1, \PHP_INT_MAX).'/log')->at('done')->list(),
        ), $boat->at('engines')->list());
        self::assertNotContains("order $number", $evidence[0]);
        self::assertContains("order $number", $evidence[1]);
        $this->call('GET', "/api/orders/$number/record.pdf");
        self::assertSame(200, $this->status);
    }

    /** Port is done and Starboard waits for a part: port goes, its clocks run from that day, and a lead may call it back. */
    public function testEnginesOfARigAreReleasedOneByOne(): void
    {
        $number = $this->issuedTwin();
        $bench = $this->workUntil($number, 'port.cowl-on.on');
        $let = fn (string $position, array $body = []): Cursor => $this->call(
            'POST',
            "/api/orders/$number/engines/$position/release",
            ['uuid' => Uuid::v7()->toRfc4122(), ...$body],
        );
        $problem = $let('port');
        self::assertSame(422, $this->status);
        self::assertContains('/steps/port.cowl-on.on', self::pointers($problem));
        self::assertSame([], array_filter(self::pointers($problem), static fn (string $at): bool => str_contains($at, 'starboard')));

        $ofPort = array_values(array_filter(
            $this->leftOf($bench, $number),
            static fn (array $entry): bool => \is_string($entry['stepId']) && str_starts_with($entry['stepId'], 'port.'),
        ));
        $this->enter($number, ...$ofPort);
        self::assertSame(200, $this->status);
        $let('port', ['unfit' => 'It sounds odd.']);
        self::assertSame(422, $this->status, 'only a lead lets an engine go as unfit');
        $bench = $let('port');
        self::assertSame([200, 'port', null], [
            $this->status,
            $bench->at('released')->at(0)->at('position')->raw(),
            $bench->at('released')->at(0)->at('unfit')->raw(),
        ]);
        $let('port');
        self::assertSame(409, $this->status);
        $problem = $this->enter($number, $this->entry('port.cowl-on.on', 'not_done', ['text' => 'late']));
        self::assertStringContainsString('A lead takes the release back', (string) json_encode($problem->raw()));
        $this->call('POST', "/api/orders/$number/engines/port/return", ['uuid' => Uuid::v7()->toRfc4122(), 'why' => 'x']);
        self::assertSame(403, $this->status);
        $released = $bench->at('entries')->at(0)->at('uuid')->string();
        $this->enter($number, $this->entry('port.hand-back.tag', 'taken_back', [], $released));
        self::assertSame(422, $this->status, 'not by way of the log either');

        $this->signIn('mora');
        $back = fn (string $why): Cursor => $this->call(
            'POST',
            "/api/orders/$number/engines/port/return",
            ['uuid' => Uuid::v7()->toRfc4122(), 'why' => $why],
        );
        $back(' ');
        self::assertSame(422, $this->status);
        self::assertSame([], $back('The owner wants it looked at again.')->at('released')->raw());
        $back('twice');
        self::assertSame(409, $this->status);

        $this->signIn('ada');
        $let('port');
        $bench = $this->enter($number, ...$this->leftOf($this->call('GET', "/api/orders/$number/bench"), $number));
        self::assertSame(200, $this->status);
        $this->call('POST', "/api/orders/$number/release", [
            'version' => $bench->at('order')->at('version')->raw(),
            'remark' => '',
            'oil' => GoodDay::oilLeft($bench),
        ]);
        self::assertSame(200, $this->status);
        $record = $this->call('GET', "/api/orders/$number/record");
        self::assertSame('2026-03-18', $record->at('engines')->at(0)->at('released')->at('day')->raw());
        self::assertNull($record->at('engines')->at(1)->at('released')->raw());
        $this->call('GET', "/api/orders/$number/record.pdf");
        self::assertSame(200, $this->status);
    }

    /** @return list<array<string, mixed>> the whole job without what is done */
    private function leftOf(Cursor $bench, int $number): array
    {
        $done = array_map(
            static fn (Cursor $step): mixed => $step->at('id')->raw(),
            array_filter($bench->at('steps')->list(), static fn (Cursor $step): bool => true === $step->at('done')->raw()),
        );

        return array_values(array_filter(
            GoodDay::wholeJob($this->call('GET', "/api/orders/$number/bench")),
            static fn (array $entry): bool => !\in_array($entry['stepId'], $done, true),
        ));
    }

    /** A task that is dropped left its turns, its run and its readings behind, to be answered one by one. */
    public function testWhatOnlyADroppedTaskNeededFallsAwayWithIt(): void
    {
        $number = $this->issuedTwin();
        $this->signIn('ines');
        $drop = fn (string $step): Cursor => $this->enter($number, $this->entry($step, 'dropped', ['text' => '', 'cause' => 'customer']));
        $bench = $drop('port.filter-off.shut');
        self::assertFalse($this->step($bench, 'port.run.start')->at('done')->raw(), 'the oil is still to be changed');
        $bench = $drop('port.gather.gather');

        $open = array_filter($bench->at('steps')->list(), static fn (Cursor $step): bool => true !== $step->at('done')->raw());
        $atPort = array_filter($open, static fn (Cursor $step): bool => str_starts_with($step->at('id')->string(), 'port.'));
        self::assertSame([], array_values($atPort), 'nothing is left to be done at this engine');
        self::assertSame('not needed any more', $this->step($bench, 'port.run.start')->at('answer')->raw());
        self::assertFalse($this->step($bench, 'starboard.run.start')->at('done')->raw());

        $this->signIn('ada');
        $this->holdParts($bench = $this->call('GET', "/api/orders/$number/bench"));
        $this->enter($number, ...\array_slice(GoodDay::wholeJob($this->call('GET', "/api/orders/$number/bench")), 0, 4));
        foreach ($this->starboardIn($bench, $number) as $entry) {
            $bench = $this->enter($number, $entry);
            self::assertSame(200, $this->status);
        }
        $last = array_filter(
            GoodDay::wholeJob($this->call('GET', "/api/orders/$number/bench")),
            static fn (array $entry): bool => \is_string($entry['stepId']) && str_starts_with($entry['stepId'], 'rig.')
                && !str_starts_with($entry['stepId'], 'rig.place'),
        );
        $bench = $this->enter($number, ...array_values($last));
        $this->call('POST', "/api/orders/$number/release", [
            'version' => $bench->at('order')->at('version')->raw(),
            'remark' => '',
            'oil' => GoodDay::oilLeft($bench),
        ]);
        self::assertSame(200, $this->status);
    }

    /** @return iterable<array<string, mixed>> what is left to be done at the starboard engine, in its order */
    private function starboardIn(Cursor $bench, int $number): iterable
    {
        return array_filter(
            $this->leftOf($bench, $number),
            static fn (array $entry): bool => \is_string($entry['stepId']) && str_starts_with($entry['stepId'], 'starboard.'),
        );
    }
}
