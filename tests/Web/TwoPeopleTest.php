<?php

declare(strict_types=1);

namespace FreshTack\Tests\Web;

use FreshTack\Console\Demo\GoodDay;
use FreshTack\Core\Reading\Cursor;
use PHPUnit\Framework\Attributes\DataProvider;

/** Two people at one order, and two people at one tablet. */
final class TwoPeopleTest extends ApiTestCase
{
    private const PIN = '7204';

    public function testTwoPeopleTakeOnAnEngineEachAndNeitherEntersAtTheOthers(): void
    {
        $number = $this->issuedTwin();
        $this->signIn('ines');
        $this->takeOn($number, 'port');
        $this->signIn('ada');
        $this->takeOn($number, 'starboard');
        $bench = $this->call('GET', "/api/orders/$number/bench");
        self::assertSame(
            [['port', 'ines'], ['starboard', 'ada']],
            array_map(static fn (Cursor $claim): array => [$claim->at('of')->raw(), $claim->at('by')->raw()], $bench->at('claims')->list()),
        );
        $notYet = $this->step($bench, 'port.lock-out.key')->at('notYet');
        self::assertSame('ines', $notYet->at('claim')->at('by')->raw());
        $this->enter($number, ...GoodDay::before($bench, 'port.lock-out.key'));
        $problem = $this->enter($number, $this->entry('port.lock-out.key', 'tick'));
        self::assertMatchesRegularExpression(
            '/^Port: somebody else has taken this on\. Ask them, or take it over\. Ines .+ took it on at \d\d:\d\d\.$/',
            $problem->at('detail')->string(),
        );

        $problem = $this->takeOn($number, 'port');
        self::assertSame([409, 'urn:fresh-tack:conflict.taken_on'], [$this->status, $problem->at('type')->raw()]);
        $this->takeOn($number, 'port', 'ines');
        self::assertSame(200, $this->status);
        $this->enter($number, $this->entry('port.lock-out.key', 'tick'));
        self::assertSame(200, $this->status);
        self::assertEquals(1, $this->entities()->getConnection()->fetchOne(
            "SELECT COUNT(*) FROM audit_entry WHERE action = 'bench.taken_over' AND subject = ?",
            ["order $number"],
        ));
        $bench = $this->call('POST', "/api/orders/$number/claims/giving-back", ['of' => 'port']);
        self::assertSame(
            ['starboard'],
            array_map(static fn (Cursor $claim): mixed => $claim->at('of')->raw(), $bench->at('claims')->list()),
        );
    }

    public function testWhatIsTakenOnIsWorkOfTheOrderAndGivenBackByWhoHasIt(): void
    {
        $number = $this->issuedTwin();
        $this->takeOn($number, 'centre');
        self::assertSame(404, $this->status);
        $this->signIn('bram');
        $this->takeOn($number, 'port');
        self::assertSame(403, $this->status, 'the store room does not work at the bench');
        $this->signIn('ada');
        $this->takeOn($number, 'port.fill');
        self::assertSame(200, $this->status);
        $this->signIn('ines');
        $this->call('POST', "/api/orders/$number/claims/giving-back", ['of' => 'port.fill']);
        self::assertSame(409, $this->status);
    }

    public function testTheSameStepIsNotFinishedTwice(): void
    {
        $number = $this->issuedTwin();
        $this->signIn('ada');
        $this->enter($number, $this->entry('rig.place.level', 'tick'));
        $this->signIn('mora');
        $problem = $this->enter($number, $this->entry('rig.place.level', 'tick'));
        self::assertSame(422, $this->status);
        self::assertMatchesRegularExpression(
            '/^This is entered already\. .+ It was entered by Ada Feldspar at \d\d:\d\d\.$/',
            $problem->at('detail')->string(),
        );
    }

    public function testTheMarkIsAnotherOneWheneverSomethingHappened(): void
    {
        $number = $this->issuedTwin();
        $this->signIn('ada');
        $marks = [$this->mark($number), $this->mark($number)];
        self::assertSame($marks[0], $marks[1]);
        $this->takeOn($number, 'port');
        $marks[] = $this->mark($number);
        $bench = $this->enter($number, $this->entry('rig.place.level', 'tick'));
        $marks[] = $this->mark($number);
        self::assertSame($marks[3], $bench->at('mark')->raw(), 'an answer has the mark of what it tells');
        $this->call('POST', "/api/orders/$number/cart", ['number' => 'QV-50318', 'engine' => 'Port']);
        $marks[] = $this->mark($number);
        self::assertCount(4, array_unique($marks));
        $this->call('GET', '/api/orders/99999/bench/mark');
        self::assertSame(404, $this->status);
    }

    private function takeOn(int $number, string $of, ?string $instead = null): Cursor
    {
        return $this->call('POST', "/api/orders/$number/claims", ['of' => $of, 'instead' => $instead]);
    }

    private function mark(int $number): string
    {
        return $this->call('GET', "/api/orders/$number/bench/mark")->at('mark')->string();
    }

    public function testATabletChangesHandsByFourDigitsWhichCarryNothingThatALeadDecides(): void
    {
        $this->signIn('ada');
        $account = $this->hands('mora', self::PIN);
        self::assertSame(
            ['mora', 'technician', false],
            [$account->at('username')->raw(), $account->at('role')->raw(), $account->at('lead')->raw()],
        );
        $now = $this->call('GET', '/api/session')->at('account');
        self::assertSame(['mora', 'technician'], [$now->at('username')->raw(), $now->at('role')->raw()], 'also at the next request');
        $this->call('GET', '/api/outbox');
        self::assertSame(403, $this->status, 'the customers are for who signed in');

        $number = $this->issuedTwin();
        $this->signIn('ada');
        $this->hands('mora', self::PIN);
        $bench = $this->enter($number, $this->entry('rig.place.level', 'tick'));
        self::assertSame('mora', $bench->at('entries')->at(0)->at('by')->raw(), 'every entry says whose');
    }

    public function testNobodyTakesATabletAtWhichNobodyIsSignedIn(): void
    {
        $this->hands('ada', self::PIN);
        self::assertSame(401, $this->status);
    }

    public function testGuessingAPinIsSlowedDownAndEndsAfterTenTries(): void
    {
        $this->signIn('ada');
        $this->hands('ada', self::PIN);
        foreach (range(1, 5) as $ignored) {
            self::assertSame(['/pin'], self::pointers($this->hands('mora', '1111')));
        }
        $told = $this->hands('mora', self::PIN)->at('detail')->string();
        self::assertSame('Too many wrong tries. Try again in 5 s.', $told);

        // four more, an hour later
        $this->entities()->getConnection()->executeStatement('UPDATE login_failure SET failures = 9, last_at = last_at - INTERVAL 2 HOUR');
        $this->entities()->clear();
        self::assertStringStartsWith('This PIN is off after ten wrong tries.', $this->hands('mora', '1111')->at('detail')->string());
        $this->entities()->getConnection()->executeStatement('DELETE FROM login_failure');
        $this->entities()->clear();
        self::assertSame(['/username'], self::pointers($this->hands('mora', self::PIN)), 'it stays off, however long one waits');
        $this->signIn('mora');
        self::assertTrue($this->setPin(self::PASSWORD, '9317')->at('pin')->raw());
        $this->signIn('ada');
        self::assertSame('mora', $this->hands('mora', '9317')->at('username')->raw());
    }

    /** @return iterable<string, array{string, string|null, string}> */
    public static function refused(): iterable
    {
        yield 'another password' => ['guess', '9317', '/password'];
        yield 'three digits' => [self::PASSWORD, '931', '/pin'];
        yield 'letters' => [self::PASSWORD, '93l7', '/pin'];
        yield 'four times the same' => [self::PASSWORD, '4444', '/pin'];
        yield 'in a row' => [self::PASSWORD, '3456', '/pin'];
        yield 'in a row, backwards' => [self::PASSWORD, '9876', '/pin'];
        yield 'over the end of the row' => [self::PASSWORD, '7890', '/pin'];
    }

    #[DataProvider('refused')]
    public function testAPinIsSetByItsOwnerAndIsNoneThatAnybodyTriesFirst(string $password, ?string $pin, string $pointer): void
    {
        $this->signIn('bram');
        self::assertSame([$pointer], self::pointers($this->setPin($password, $pin)));
    }

    public function testWhoHasNoPinSignsInWithThePassword(): void
    {
        $this->signIn('bram');
        self::assertFalse($this->setPin(self::PASSWORD, null)->at('pin')->raw());
        self::assertSame(['/username'], self::pointers($this->hands('bram', self::PIN)));
        self::assertSame(['/username'], self::pointers($this->hands('nobody', self::PIN)));
    }

    private function hands(string $username, string $pin): Cursor
    {
        return $this->call('POST', '/api/session/hands', ['username' => $username, 'pin' => $pin]);
    }

    private function setPin(string $password, ?string $pin): Cursor
    {
        return $this->call('PUT', '/api/session/pin', ['password' => $password, 'pin' => $pin]);
    }
}
