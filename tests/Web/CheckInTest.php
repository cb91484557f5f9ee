<?php

declare(strict_types=1);

namespace FreshTack\Tests\Web;

use FreshTack\Core\Reading\Cursor;
use PHPUnit\Framework\Attributes\DataProvider;

final class CheckInTest extends ApiTestCase
{
    public function testABoatWithAnOpenOrderAsksWhetherToGoOnWithItOrOpenASecond(): void
    {
        $this->signIn('ines');
        $path = '/api/boats/'.$this->boatId('Cox\'s Echo');
        $draft = $this->draftFor('Cox\'s Echo');
        $first = $this->call('POST', $path.'/check-ins', $draft)->at('number')->int(1, \PHP_INT_MAX);
        $problem = $this->call('POST', $path.'/check-ins', $draft);
        self::assertSame([409, 'urn:fresh-tack:order.already_in'], [$this->status, $problem->at('type')->raw()]);
        self::assertSame($first, $this->call('GET', $path.'/check-in')->at('open')->at(0)->at('number')->raw());

        $this->call('POST', $path.'/check-ins?beside=1', $draft);
        self::assertSame(201, $this->status);
        self::assertCount(2, $this->call('GET', $path.'/check-in')->at('open')->list());
    }

    public function testTheFormKnowsTheEnginesAndTheAir(): void
    {
        $this->signIn('ines');
        $form = $this->call('GET', '/api/boats/'.$this->boatId('Brisk Tern').'/check-in');

        self::assertSame(['KS4-10412', 'KS4-20977'], array_map(static fn (Cursor $engine): string => $engine->at('serial')->string(), $form->at('draft')->at('engines')->list()));
        // used all year: the coldest of February, the warmest of July
        self::assertSame([-7, 31], [$form->at('draft')->at('coldestC')->raw(), $form->at('draft')->at('warmestC')->raw()]);
        // the boat club's launch is used from March to October
        $summer = $this->call('GET', '/api/boats/'.$this->boatId('Cox\'s Echo').'/check-in');
        self::assertSame([-4, 31], [$summer->at('draft')->at('coldestC')->raw(), $summer->at('draft')->at('warmestC')->raw()]);
    }

    public function testAPlateIsWrittenAsItsMakerDoesHoweverItWasTyped(): void
    {
        $this->signIn('ines');
        $typed = [['model' => 'k165', 'serial' => 'ks4 10412', 'hours' => '611.4'], ['serial' => 'KS420977', 'hours' => '598']];
        $file = $this->call('POST', '/api/boats/'.$this->boatId('Brisk Tern').'/check-ins', $this->draftFor('Brisk Tern', $typed));
        self::assertSame(201, $this->status);
        $order = $this->call('GET', '/api/orders/'.$file->at('number')->int(1, \PHP_INT_MAX));

        $drafted = $order->at('draft')->at('engines')->list();
        $port = $order->at('engines')->at(0);
        self::assertSame(
            ['KS4-10412', 'KS4-20977'],
            array_map(static fn (Cursor $engine): mixed => $engine->at('serial')->raw(), $drafted),
        );
        self::assertSame(['K165', 'KS4-10412'], [$port->at('model')->raw(), $port->at('serial')->raw()]);
        self::assertNull($order->at('engines')->at(0)->at('identification')->at('refusal')->raw());
    }

    public function testChecksARigInAndAssessesIt(): void
    {
        $this->signIn('ines');
        $file = $this->call('POST', '/api/boats/'.$this->boatId('Brisk Tern').'/check-ins', $this->draftFor('Brisk Tern', [['hours' => '611.4'], ['hours' => '598']]));
        self::assertSame([201, 'draft', 'ines'], [$this->status, $file->at('status')->raw(), $file->at('openedBy')->raw()]);

        $order = $this->call('GET', '/api/orders/'.$file->at('number')->int(1, \PHP_INT_MAX));
        $due = $order->at('engines')->at(0)->at('dues')->at(0);
        self::assertSame(['due', 'hours', '-8.8', 'By hours: 8.8 h past the limit (every 160 h or 12 months).'], [$due->at('state')->raw(), $due->at('by')->raw(), $due->at('hoursLeft')->raw(), $due->at('why')->raw()]);
        $readings = $this->call('GET', '/api/engines/'.$order->at('engines')->at(0)->at('id')->int(1, \PHP_INT_MAX).'/log')->at('readings')->list();
        self::assertSame(['2026-03-18', '611.4'], [end($readings) instanceof Cursor ? end($readings)->at('on')->raw() : null, end($readings) instanceof Cursor ? end($readings)->at('hours')->raw() : null]);
    }

    /** @return iterable<string, array{string, string, string}> boat, refusal, part of the message */
    public static function refusals(): iterable
    {
        yield 'not a four-stroke' => ['Pip', 'not_four_stroke', 'K30T is a two-stroke engine'];
        yield 'a serial number malformed' => ['Swing Seat', 'serial_malformed', '"D12-44I7" is not how a serial number of the D12 is written'];
        yield 'several sheets' => ['Salt Lantern', 'several', '2 published sheets claim KC1-1702'];
        yield 'a sheet withdrawn' => ['Second Wind', 'withdrawn', 'The sheet for D22-3144 was withdrawn'];
        yield 'no sheet' => ['Verrin Warden', 'none', 'The book has no sheet for D130'];
    }

    #[DataProvider('refusals')]
    public function testAnEngineWithoutItsOneSheetIsRefusedAndGoesToTheManager(string $boat, string $reason, string $message): void
    {
        $this->signIn('ines');
        $draft = $this->draftFor($boat, [['hours' => null], ['hours' => null]]);
        $file = $this->call('POST', '/api/boats/'.$this->boatId($boat).'/check-ins', $draft);
        self::assertSame(201, $this->status);
        $number = $file->at('number')->int(1, \PHP_INT_MAX);
        $order = $this->call('GET', "/api/orders/$number");
        self::assertSame($reason, $order->at('engines')->at(0)->at('identification')->at('refusal')->at('reason')->raw());
        self::assertNull($order->at('work')->raw());
        $this->call('POST', "/api/orders/$number/issue", ['version' => $file->at('version')->raw()]);
        self::assertSame(409, $this->status);

        $this->signIn('mora');
        $waiting = $this->call('GET', '/api/book')->at('refusals')->list();
        self::assertNotSame([], $waiting);
        self::assertSame($reason, $waiting[0]->at('reason')->raw());
        self::assertStringContainsString($message, $waiting[0]->at('message')->string());
        $this->call('POST', '/api/refusals/'.$waiting[0]->at('id')->int(1, \PHP_INT_MAX).'/settlement');
        self::assertSame(204, $this->status);
        self::assertCount(\count($waiting) - 1, $this->call('GET', '/api/book')->at('refusals')->list());
    }

    public function testTheSameRefusalWaitsOnlyOnce(): void
    {
        $this->signIn('ines');
        foreach ([1, 2] as $ignored) {
            $this->call('POST', '/api/boats/'.$this->boatId('Pip').'/check-ins', $this->draftFor('Pip'));
        }

        self::assertCount(1, $this->call('GET', '/api/book')->at('refusals')->list());
    }

    /** @return iterable<string, array{array<string, mixed>, string}> what differs in the port engine, where the error stands */
    public static function mistakes(): iterable
    {
        yield 'hours left blank' => [['hours' => ''], '/engines/0/hours'];
        yield 'hours in words' => [['hours' => 'many'], '/engines/0/hours'];
        yield 'hours finer than tenths' => [['hours' => '611.45'], '/engines/0/hours'];
        yield 'hours below the last reading' => [['hours' => '588.0'], '/engines/0/hours'];
        yield 'a level off the scale' => [['hours' => '611.4', 'reading' => '7'], '/engines/0/reading'];
        yield 'a rest below zero' => [['hours' => '611.4', 'restMin' => -5], '/engines/0/restMin'];
        yield 'no serial number' => [['hours' => '611.4', 'serial' => ''], '/engines/0/serial'];
    }

    /** @param array<string, mixed> $engine */
    #[DataProvider('mistakes')]
    public function testAMistakeIsNamedAtItsFieldAndNothingIsKept(array $engine, string $pointer): void
    {
        $this->signIn('ines');
        $before = $this->orderCount();
        $problem = $this->call('POST', '/api/boats/'.$this->boatId('Brisk Tern').'/check-ins', $this->draftFor('Brisk Tern', [$engine, ['hours' => '598']]), described: false);

        self::assertSame([422, [$pointer]], [$this->status, self::pointers($problem)]);
        self::assertSame($before, $this->orderCount());
    }

    public function testAllMistakesAreNamedAtOnce(): void
    {
        $this->signIn('ines');
        $draft = [...$this->draftFor('Brisk Tern', [['hours' => 'x'], ['reading' => 'y', 'hours' => '598']]), 'coldestC' => 20, 'warmestC' => 5, 'place' => 'beach'];
        $problem = $this->call('POST', '/api/boats/'.$this->boatId('Brisk Tern').'/check-ins', $draft, described: false);

        self::assertSame(['/place', '/warmestC', '/engines/0/hours', '/engines/1/reading'], array_values(array_intersect(['/place', '/warmestC', '/engines/0/hours', '/engines/1/reading'], self::pointers($problem))));
    }

    public function testASerialNumberBelongsToOneEngine(): void
    {
        $this->signIn('ines');
        $problem = $this->call('POST', '/api/boats/'.$this->boatId('Brisk Tern').'/check-ins', $this->draftFor('Brisk Tern', [['hours' => '611.4', 'serial' => 'KS4-21650'], ['hours' => '598']]));

        self::assertSame([409, 'urn:fresh-tack:register.serial_taken'], [$this->status, $problem->at('type')->raw()]);
    }

    public function testAnEngineOfAnotherBoatIsNotCheckedInHere(): void
    {
        $this->signIn('ines');
        $this->call('POST', '/api/boats/'.$this->boatId('Pip').'/check-ins', $this->draftFor('Cox\'s Echo'));

        self::assertSame(409, $this->status);
    }

    public function testACorrectedPlateGoesToTheRegister(): void
    {
        $this->signIn('ines');
        $this->call('POST', '/api/boats/'.$this->boatId('Swing Seat').'/check-ins', $this->draftFor('Swing Seat', [['serial' => 'D12-4417', 'hours' => '12']]));
        $engine = $this->call('GET', '/api/boats/'.$this->boatId('Swing Seat'))->at('engines')->at(0);

        self::assertSame(['D12-4417', true, '12.0', 'dunmarrow-d12'], [$engine->at('serial')->raw(), $engine->at('hasMeter')->raw(), $engine->at('hours')->raw(), $engine->at('identification')->at('sheet')->at('id')->raw()]);
    }

    public function testIdentifiesWhileOneTypes(): void
    {
        $this->signIn('ines');
        self::assertSame('kestrane-k165-late', $this->call('POST', '/api/identifications', ['model' => 'K165', 'serial' => 'KS4-20000'])->at('sheet')->at('id')->raw());
        self::assertSame('none', $this->call('POST', '/api/identifications', ['model' => 'K165', 'serial' => 'KS4-30000'])->at('refusal')->at('reason')->raw());
    }

    /** @return iterable<string, array{string, string}> */
    public static function noJson(): iterable
    {
        yield 'broken' => ['{"place":', 'Line 1: this is not valid JSON, it ends too early.'];
        yield 'too large' => ['"'.str_repeat('x', 1_000_001).'"', 'This is larger than 1 MB. Send it in parts.'];
        yield 'a list' => ['[1]', 'This must be an object.'];
        yield 'nested without end' => [str_repeat('[', 100).str_repeat(']', 100), 'Line 1: more than 64 objects and lists stand one within the other.'];
    }

    #[DataProvider('noJson')]
    public function testABodyThatIsNoneIsSaidToBeSo(string $body, string $detail): void
    {
        $this->signIn('ines');
        $this->client->request('POST', '/api/identifications', [], [], ['CONTENT_TYPE' => 'application/json', 'HTTP_X-Fresh-Tack' => '1'], $body);

        self::assertSame(422, $this->client->getResponse()->getStatusCode());
        self::assertStringContainsString($detail, (string) $this->client->getResponse()->getContent());
    }

    private function orderCount(): int
    {
        $count = $this->entities()->getConnection()->fetchOne('SELECT COUNT(*) FROM work_order');

        return is_numeric($count) ? (int) $count : -1;
    }
}
