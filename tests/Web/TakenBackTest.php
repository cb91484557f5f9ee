<?php

declare(strict_types=1);

namespace FreshTack\Tests\Web;

use FreshTack\Core\Reading\Cursor;

/** Every slip of the hand can be taken back, and what rests on it is worked out anew. The day is 18 March 2026. */
final class TakenBackTest extends ApiTestCase
{
    public function testADraftIsDiscardedWithWhoAndWhyAndComesBackAsItWas(): void
    {
        [$number, $draft, $version] = $this->draftOfTwin();
        $boat = $this->boatId('Brisk Tern');
        self::assertSame($number, $this->call('GET', "/api/boats/$boat")->at('openOrder')->raw());
        $closed = $this->call('POST', "/api/orders/$number/closing", self::closing($version));
        self::assertSame([200, 'discarded'], [$this->status, $closed->at('status')->raw()]);
        self::assertSame(['ines', 'The owner rang off.'], [$closed->at('closing')->at('by')->raw(), $closed->at('closing')->at('why')->raw()]);
        self::assertNull($this->call('GET', "/api/boats/$boat")->at('openOrder')->raw());
        self::assertNull($this->call('GET', "/api/orders/$number")->at('flaw')->raw(), 'a draft has no seal to break');
        self::assertSame($number, $this->call('GET', '/api/removed')->at('orders')->at(0)->at('number')->raw());
        $this->call('PUT', "/api/orders/$number/draft", ['version' => $closed->at('version')->raw(), 'draft' => $draft]);
        self::assertSame([409], [$this->status], 'nothing is changed in it');

        $back = $this->call('POST', "/api/orders/$number/reopening");
        self::assertSame([200, 'draft', null], [$this->status, $back->at('status')->raw(), $back->at('closing')->raw()]);
        self::assertEquals($draft['engines'], $this->call('GET', "/api/orders/$number")->at('draft')->at('engines')->raw());
        self::assertSame(['order.checked_in', 'order.discarded', 'order.brought_back'], $this->trail("order $number"));
        $this->call('POST', "/api/orders/$number/reopening");
        self::assertSame([409], [$this->status], 'it is open');
    }

    public function testAnIssuedOrderIsCancelledAsLongAsNothingWasDoneAndNothingIsOpen(): void
    {
        $number = $this->issuedTwin();
        $version = fn (): string => $this->call('GET', "/api/orders/$number")->at('order')->at('version')->string();
        $closed = $this->call('POST', "/api/orders/$number/closing", self::closing($version()));
        self::assertSame([200, 'cancelled'], [$this->status, $closed->at('status')->raw()]);
        $this->call('POST', "/api/orders/$number/entries", ['entries' => [$this->entry('rig.place.level', 'tick')]]);
        self::assertSame([409], [$this->status], 'nobody works on it');
        $this->call('POST', "/api/orders/$number/reopening");
        $this->call('POST', "/api/orders/$number/entries", ['entries' => [$this->entry('rig.place.level', 'tick')]]);
        self::assertSame([200], [$this->status]);
        // what was ticked changes nothing at the engines
        $this->call('POST', "/api/orders/$number/closing", self::closing($version()));
        self::assertSame([200], [$this->status]);
        $this->call('POST', "/api/orders/$number/reopening");
        $this->workUntil($number, 'port.close-valve.close');
        $this->signIn('ines');
        $problem = $this->call('POST', "/api/orders/$number/closing", self::closing($version()));
        self::assertSame([409, 'urn:fresh-tack:order.work_begun'], [$this->status, $problem->at('type')->raw()]);
        self::assertStringContainsString('Port: The drain is still open.', $problem->at('detail')->string());
    }

    public function testTheCheckInOfAnotherBoatLeavesNothingInTheRegister(): void
    {
        $this->signIn('ines');
        $boat = $this->boatId('Mudlark');
        $engine = $this->engineOf('Mudlark');
        $before = $this->call('GET', "/api/boats/$boat")->at('engines')->raw();
        $draft = $this->draftFor('Mudlark', [['hours' => '661.0', 'serial' => 'D65-5210', 'tasks' => ['engine_oil']]]);
        $file = $this->call('POST', "/api/boats/$boat/check-ins", $draft);
        self::assertSame([201], [$this->status]);
        self::assertNotSame($before, $this->call('GET', "/api/boats/$boat")->at('engines')->raw());

        $number = $file->at('number')->int(1, \PHP_INT_MAX);
        $this->call('POST', "/api/orders/$number/closing", [...self::closing($file->at('version')->string()), 'otherBoat' => true]);
        self::assertSame([200], [$this->status]);
        $after = $this->call('GET', "/api/boats/$boat")->at('engines');
        self::assertSame(
            ['D65-5201', '583.0', 'not_due'],
            [$after->at(0)->at('serial')->raw(), $after->at(0)->at('hours')->raw(), $this->due('engine_oil')],
        );
        self::assertSame(['The owner rang off.'], array_column($this->strikes($engine), 'why'));
    }

    public function testAPlateThatSomebodyHasPutRightSinceStays(): void
    {
        $this->signIn('ines');
        $boat = $this->boatId('Mudlark');
        $file = $this->call('POST', "/api/boats/$boat/check-ins", $this->draftFor('Mudlark', [['hours' => '590', 'serial' => 'D65-5210']]));
        $engine = $this->call('GET', "/api/boats/$boat")->at('engines')->at(0);
        $plate = [];
        foreach (['model', 'inService', 'hasMeter', 'year', 'gearcase', 'warrantyUntil', 'version'] as $key) {
            $plate[$key] = $engine->at($key)->raw();
        }
        $this->call('PUT', '/api/engines/'.$engine->at('id')->int(1, \PHP_INT_MAX), [...$plate, 'serial' => 'D65-5211']);
        self::assertSame([200], [$this->status]);
        $number = $file->at('number')->int(1, \PHP_INT_MAX);
        $this->call('POST', "/api/orders/$number/closing", [...self::closing($file->at('version')->string()), 'otherBoat' => true]);
        self::assertSame([200], [$this->status]);
        self::assertSame('D65-5211', $this->call('GET', "/api/boats/$boat")->at('engines')->at(0)->at('serial')->raw());
    }

    public function testACorrectedReadingIsOfTheMeterThatWasMisread(): void
    {
        $this->signIn('ines');
        $engine = $this->engineOf('Mudlark');
        $meter = ['oldEnd' => '583.0', 'newStart' => '0'];
        $this->call('POST', "/api/engines/$engine/readings", [...self::reading('21.0'), 'newMeter' => $meter]);
        self::assertSame([201], [$this->status]);
        $right = ['why' => 'Read 21 for 12.', 'instead' => self::reading('12.0')];
        $line = $this->newestReading($engine);
        $log = $this->call('POST', "/api/engines/$engine/readings/$line/taking-back", $right);
        self::assertSame(
            [200, '12.0', '595.0'],
            [$this->status, $log->at('engine')->at('hours')->raw(), $log->at('engine')->at('totalHours')->raw()],
        );
    }

    public function testABoatComesBackAfterItsOwner(): void
    {
        $this->signIn('ines');
        $owner = $this->call(
            'POST',
            '/api/customers',
            ['name' => 'Anna', 'email' => null, 'phone' => null],
        )->at('id')->int(1, \PHP_INT_MAX);
        $use = ['water' => 'salt', 'kept' => 'moored', 'commercial' => false, 'months' => [5], 'idling' => false, 'silt' => false, 'sharedLockout' => false, 'separators' => null];
        $body = ['name' => 'Ghost', 'kind' => 'x', 'registration' => '', 'customerId' => $owner, 'use' => $use];
        $boat = $this->call('POST', '/api/boats', $body)->at('id')->int(1, \PHP_INT_MAX);
        $this->call('DELETE', "/api/boats/$boat");
        $this->call('DELETE', "/api/customers/$owner");
        $things = $this->call('GET', '/api/removed')->at('things');
        $path = static fn (int $at): string => '/api/removed/'.$things->at($at)->at('id')->int(1, \PHP_INT_MAX).'/bringing-back';
        $problem = $this->call('POST', $path(1));
        self::assertSame([409, 'urn:fresh-tack:removed.owner'], [$this->status, $problem->at('type')->raw()]);
        $this->call('POST', $path(0));
        $this->call('POST', $path(1));
        self::assertSame([200, 'Ghost'], [$this->status, $this->call('GET', "/api/boats/$boat")->at('name')->raw()]);
    }

    public function testAReadingThatWasReadWronglyIsPutRightEverywhere(): void
    {
        $this->signIn('ines');
        $engine = $this->engineOf('Mudlark');
        $draft = $this->draftFor('Mudlark', [['hours' => '661.0', 'tasks' => ['engine_oil']]]);
        $number = $this->call('POST', '/api/boats/'.$this->boatId('Mudlark').'/check-ins', $draft)->at('number')->int(1, \PHP_INT_MAX);
        self::assertSame('due', $this->due('engine_oil'));
        $this->call('POST', "/api/engines/$engine/readings", self::reading('601.0'));
        self::assertSame([422], [$this->status], 'the truth is less than what stands there');

        $line = $this->newestReading($engine);
        $right = ['why' => 'Read 661 for 601.', 'instead' => self::reading('601.0')];
        $log = $this->call('POST', "/api/engines/$engine/readings/$line/taking-back", $right);
        self::assertSame([200, '601.0', 'not_due'], [$this->status, $log->at('engine')->at('hours')->raw(), $this->due('engine_oil')]);
        self::assertSame(
            '601.0',
            $this->call('GET', "/api/orders/$number")->at('draft')->at('engines')->at(0)->at('hours')->raw(),
            'the draft that was opened with it has it too',
        );
        self::assertSame([['ines', 'Read 661 for 601.']], array_map(array_values(...), array_map(
            static fn (array $strike): array => ['by' => $strike['by'], 'why' => $strike['why']],
            $this->strikes($engine),
        )));
        $this->call('POST', "/api/engines/$engine/readings/$line/taking-back", [...$right, 'instead' => null]);
        self::assertSame([409], [$this->status], 'it is taken back already');
        $this->call('POST', "/api/engines/$engine/log/reading/$line/bringing-back");
        self::assertSame([200], [$this->status]);
        self::assertSame('due', $this->due('engine_oil'));
    }

    public function testAnotherReadingThatCantBeRightStrikesNothing(): void
    {
        $this->signIn('ines');
        $engine = $this->engineOf('Mudlark');
        $line = $this->newestReading($engine);
        $this->call('POST', "/api/engines/$engine/readings/$line/taking-back", ['why' => 'Misread.', 'instead' => self::reading('1.0')]);
        self::assertSame([422, []], [$this->status, $this->strikes($engine)]);
        $this->call('POST', "/api/engines/$engine/readings/$line/taking-back", ['why' => '', 'instead' => null]);
        self::assertSame([422], [$this->status], 'not without why');
        $this->call('POST', '/api/engines/'.$this->engineOf('Grey Oyster')."/readings/$line/taking-back", ['why' => 'x', 'instead' => null]);
        self::assertSame([404], [$this->status], 'of another engine');
    }

    public function testABroughtBackReadingHasToFitWhatWasReadSince(): void
    {
        $this->signIn('ines');
        $engine = $this->engineOf('Mudlark');
        $this->call('POST', "/api/engines/$engine/readings", self::reading('661.0', '2026-03-17'));
        $line = $this->newestReading($engine);
        $this->call('POST', "/api/engines/$engine/readings/$line/taking-back", ['why' => 'Misread.', 'instead' => null]);
        $this->call('POST', "/api/engines/$engine/readings", self::reading('602.0'));
        self::assertSame([201], [$this->status]);
        $problem = $this->call('POST', "/api/engines/$engine/log/reading/$line/bringing-back");
        self::assertSame([409, 'urn:fresh-tack:log.does_not_fit'], [$this->status, $problem->at('type')->raw()]);
    }

    public function testWhatWasDoneElsewhereAndDeclinedIsTakenBackAndWhatAnOrderDidIsNot(): void
    {
        $this->signIn('ines');
        $engine = $this->engineOf('Mudlark');
        $before = $this->due('gear_lubricant', null);
        $body = ['task' => 'gear_lubricant', 'action' => null, 'on' => '2026-03-10', 'hours' => '583', 'evidence' => 'Invoice 12'];
        $this->call('POST', "/api/engines/$engine/services", $body);
        self::assertNotSame($before, $this->due('gear_lubricant', null));
        $this->call('POST', "/api/engines/$engine/refusals", ['task' => 'spark_plugs', 'on' => '2026-03-10', 'note' => 'later']);
        foreach (['done' => 'Invoice 12', 'declined' => 'later'] as $kind => $text) {
            $line = $this->line($engine, $kind, $text);
            $this->call('POST', "/api/engines/$engine/log/$kind/$line/taking-back", ['why' => 'The neighbour’s.']);
            self::assertSame([200], [$this->status]);
        }
        self::assertSame($before, $this->due('gear_lubricant', null));
        self::assertCount(2, $this->strikes($engine));

        $this->signIn('ada');
        $line = $this->line($engine, 'done', 'Invoice 12');
        $this->call('POST', "/api/engines/$engine/log/done/$line/bringing-back");
        self::assertSame([403], [$this->status]);
    }

    public function testAPartHeldByMistakeCountsAsNotHeld(): void
    {
        $number = $this->issuedTwin();
        $this->call('POST', "/api/orders/$number/cart", ['number' => 'QV-50318', 'engine' => null]);
        $back = ['number' => 'QV-50318', 'engine' => 'Port', 'why' => 'Put back on the shelf.'];
        self::assertSame([], $this->call('POST', "/api/orders/$number/cart/taking-back", $back)->at('confirmed')->raw());
        self::assertContains('cart.taken_back', $this->trail("order $number"));
        $this->call('POST', "/api/orders/$number/cart/taking-back", $back);
        self::assertSame([404], [$this->status]);
        $this->call('POST', "/api/orders/$number/cart", ['number' => 'QV-50318', 'engine' => null]);
        self::assertCount(1, $this->call('GET', "/api/orders/$number/cart")->at('confirmed')->list(), 'held again');
    }

    public function testASwapIsTakenBackAsIfItHadNeverBeen(): void
    {
        $this->signIn('ines');
        [$mudlark, $pennant] = [$this->engineOf('Mudlark'), $this->engineOf('Old Pennant')];
        $fittings = fn (int $engine): mixed => $this->call('GET', "/api/engines/$engine/log")->at('fittings')->raw();
        $before = [$fittings($mudlark), $fittings($pennant)];
        $swap = ['boatId' => $this->boatId('Old Pennant'), 'position' => 'single', 'on' => '2026-03-18', 'swap' => true];
        $this->call('PUT', "/api/engines/$mudlark/fitting", $swap);
        self::assertSame([$mudlark, $pennant], [$this->engineOf('Old Pennant'), $this->engineOf('Mudlark')]);
        $this->call('POST', "/api/engines/$pennant/moves/taking-back", ['why' => 'The wrong boats.']);
        self::assertSame([200], [$this->status]);
        self::assertSame([$mudlark, $pennant], [$this->engineOf('Mudlark'), $this->engineOf('Old Pennant')]);
        self::assertSame($before, [$fittings($mudlark), $fittings($pennant)]);
        $problem = $this->call('POST', "/api/engines/$mudlark/moves/taking-back", ['why' => 'Once more.']);
        self::assertSame([409, 'urn:fresh-tack:move.none'], [$this->status, $problem->at('type')->raw()]);
    }

    public function testAMoveAfterAMoveIsTakenBackFirst(): void
    {
        $this->signIn('ines');
        $engine = $this->engineOf('Mudlark');
        $this->call('POST', "/api/engines/$engine/taking-off", ['on' => '2026-03-18']);
        $place = ['boatId' => $this->boatId('Mudlark'), 'position' => 'single', 'on' => '2026-03-18', 'swap' => false];
        $this->call('PUT', "/api/engines/$engine/fitting", $place);
        foreach ([null, 'Mudlark'] as $boat) {
            $log = $this->call('POST', "/api/engines/$engine/moves/taking-back", ['why' => 'Not so.']);
            self::assertSame($boat, $log->at('boat')->isNull() ? null : $log->at('boat')->at('name')->raw());
        }
    }

    public function testACustomerWhoWasEnteredTwiceIsJoinedAndCanComeBack(): void
    {
        $this->signIn('ines');
        $boat = $this->boatId('Mudlark');
        $owner = $this->call('GET', "/api/boats/$boat")->at('customerId')->int(1, \PHP_INT_MAX);
        $other = $this->call('POST', '/api/customers', ['name' => 'Oyster Co-op', 'email' => null, 'phone' => null])->at('id')->int(1, \PHP_INT_MAX);
        $joined = $this->call('POST', "/api/customers/$owner/joining", ['into' => $other]);
        self::assertSame([200, $other], [$this->status, $this->call('GET', "/api/boats/$boat")->at('customerId')->raw()]);
        self::assertContains('Mudlark', array_map(static fn (Cursor $each): string => $each->at('name')->string(), $joined->at('boats')->list()));
        $this->call('GET', "/api/customers/$owner");
        self::assertSame([404], [$this->status]);

        $removed = $this->call('GET', '/api/removed')->at('things')->at(0)->at('id')->int(1, \PHP_INT_MAX);
        $this->call('POST', "/api/removed/$removed/bringing-back");
        self::assertSame([200, $owner], [$this->status, $this->call('GET', "/api/boats/$boat")->at('customerId')->raw()]);
        $this->call('POST', "/api/removed/$removed/bringing-back");
        self::assertSame([409], [$this->status]);
        $this->call('POST', "/api/customers/$owner/joining", ['into' => $owner]);
        self::assertSame([409], [$this->status], 'with themselves');
    }

    public function testWhatWasRemovedComesBackWithItsNumberUnlessItsPlaceIsTaken(): void
    {
        $this->signIn('ines');
        $plate = ['model' => 'K85', 'serial' => 'KM2-8124', 'inService' => '2024-01-01', 'hasMeter' => true, 'year' => null, 'gearcase' => null, 'warrantyUntil' => null];
        $engine = $this->call('POST', '/api/engines', $plate)->at('id')->int(1, \PHP_INT_MAX);
        $this->call('DELETE', "/api/engines/$engine");
        $removed = $this->call('GET', '/api/removed')->at('things')->at(0);
        self::assertSame(['engine', 'K85 KM2-8124', 'ines'], [$removed->at('kind')->raw(), $removed->at('name')->raw(), $removed->at('by')->raw()]);
        $path = '/api/removed/'.$removed->at('id')->int(1, \PHP_INT_MAX).'/bringing-back';

        $second = $this->call('POST', '/api/engines', $plate)->at('id')->int(1, \PHP_INT_MAX);
        $problem = $this->call('POST', $path);
        self::assertSame([409, 'urn:fresh-tack:removed.taken'], [$this->status, $problem->at('type')->raw()]);
        $this->call('DELETE', "/api/engines/$second");
        $this->call('POST', $path);
        self::assertSame([200], [$this->status]);
        self::assertContains($engine, array_map(static fn (Cursor $each): mixed => $each->at('id')->raw(), $this->call('GET', '/api/engines')->at('engines')->list()));
        self::assertSame($engine, $this->call('GET', '/api/search?q=8124')->at('engines')->at(0)->at('id')->raw(), 'and is found again');
    }

    /** @return array{version: string, why: string, otherBoat: bool} */
    private static function closing(string $version): array
    {
        return ['version' => $version, 'why' => 'The owner rang off.', 'otherBoat' => false];
    }

    /** @return array<string, mixed> */
    private static function reading(string $hours, string $on = '2026-03-18'): array
    {
        return ['on' => $on, 'hours' => $hours, 'estimate' => false, 'sure' => false, 'newMeter' => null];
    }

    private function engineOf(string $boat): int
    {
        return $this->call('GET', '/api/boats/'.$this->boatId($boat))->at('engines')->at(0)->at('id')->int(1, \PHP_INT_MAX);
    }

    /** Of the engine of the Mudlark. */
    private function due(string $task, ?string $what = 'state'): mixed
    {
        foreach ($this->call('GET', '/api/boats/'.$this->boatId('Mudlark'))->at('engines')->at(0)->at('dues')->list() as $due) {
            if ($task === $due->at('task')->raw()) {
                return null === $what ? $due->raw() : $due->at($what)->raw();
            }
        }

        throw new \LogicException("Nothing is told of $task.");
    }

    private function newestReading(int $engine): int
    {
        $lines = array_filter(
            $this->call('GET', "/api/engines/$engine/log")->at('lines')->list(),
            static fn (Cursor $line): bool => 'reading' === $line->at('kind')->raw(),
        );

        return end($lines) instanceof Cursor ? end($lines)->at('id')->int(1, \PHP_INT_MAX) : throw new \LogicException('No reading.');
    }

    private function line(int $engine, string $kind, string $text): int
    {
        foreach ($this->call('GET', "/api/engines/$engine/log")->at('lines')->list() as $line) {
            $content = $line->at('content');
            if ($kind === $line->at('kind')->raw() && \in_array($text, [$content->at('evidence')->raw(), $content->at('note')->raw()], true)) {
                return $line->at('id')->int(1, \PHP_INT_MAX);
            }
        }

        throw new \LogicException("No $kind line says $text.");
    }

    /** @return list<array{by: mixed, why: mixed}> */
    private function strikes(int $engine): array
    {
        $struck = array_filter(
            $this->call('GET', "/api/engines/$engine/log")->at('lines')->list(),
            static fn (Cursor $line): bool => !$line->at('strike')->isNull(),
        );

        return array_values(array_map(static fn (Cursor $line): array => [
            'by' => $line->at('strike')->at('by')->raw(),
            'why' => $line->at('strike')->at('why')->raw(),
        ], $struck));
    }

    /** @return list<mixed> */
    private function trail(string $subject): array
    {
        return $this->entities()->getConnection()->fetchFirstColumn('SELECT action FROM audit_entry WHERE subject = ? ORDER BY id', [$subject]);
    }
}
