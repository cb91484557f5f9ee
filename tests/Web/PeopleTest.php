<?php

declare(strict_types=1);

namespace FreshTack\Tests\Web;

use FreshTack\Core\Reading\Cursor;

/** Accounts as the manager keeps them, and passwords that only their owners know. */
final class PeopleTest extends ApiTestCase
{
    private const NUALA = ['username' => 'nuala', 'name' => 'Nuala Trench', 'role' => 'technician', 'lead' => false, 'email' => null];
    private const WORDS = 'copper lantern drift';

    public function testWhoIsAddedSetsTheirOwnPasswordByALinkThatCountsOnce(): void
    {
        $this->signIn('mora');
        $given = $this->call('POST', '/api/people', self::NUALA);
        self::assertSame([201, false, false], [$this->status, $given->at('mailed')->raw(), $given->at('person')->at('hasPassword')->raw()]);
        $token = self::token($given);
        foreach (['', 'anything at all'] as $password) {
            $this->call('POST', '/api/sign-in', ['username' => 'nuala', 'password' => $password]);
            self::assertNotSame(200, $this->status, 'nobody signs in before that');
        }

        self::assertSame('Nuala Trench', $this->call('POST', '/api/password-link', ['token' => $token])->at('name')->raw());
        $this->call('PUT', '/api/password-link', ['token' => $token, 'password' => 'short']);
        self::assertSame(422, $this->status);
        $this->call('PUT', '/api/password-link', ['token' => $token, 'password' => self::WORDS]);
        self::assertSame(200, $this->status);
        $this->call('POST', '/api/sign-in', ['username' => 'nuala', 'password' => self::WORDS]);
        self::assertSame(200, $this->status);
        $this->call('PUT', '/api/password-link', ['token' => $token, 'password' => 'another one of mine']);
        self::assertSame(404, $this->status);
    }

    public function testANewLinkTakesThePlaceOfTheOneBeforeAndEndsAfterThreeDays(): void
    {
        $this->signIn('mora');
        $first = self::token($this->call('POST', '/api/people/ada/link'));
        $second = self::token($this->call('POST', '/api/people/ada/link'));
        $this->call('POST', '/api/password-link', ['token' => $first]);
        self::assertSame(404, $this->status);
        $this->call('POST', '/api/password-link', ['token' => $second]);
        self::assertSame(200, $this->status);

        // the tests' day is 18 March
        $this->entities()->getConnection()->executeStatement("UPDATE password_link SET ends_at = '2026-03-18 08:59:59'");
        $this->entities()->clear();
        $this->call('POST', '/api/password-link', ['token' => $second]);
        self::assertSame(404, $this->status);
    }

    public function testAForgottenPasswordIsMailedAndNobodyHearsWhoHasAnAccount(): void
    {
        $this->signIn('mora');
        $ada = ['name' => 'Ada Feldspar', 'role' => 'technician', 'lead' => false, 'email' => null];
        $this->call('PUT', '/api/people/ada', ['as' => [...$ada, 'email' => 'ada@quillon.example'], 'was' => $ada]);
        self::assertSame(200, $this->status);
        $this->call('DELETE', '/api/session');
        foreach (['ada', 'bram', 'nobody-at-all'] as $username) {
            $this->call('POST', '/api/forgotten-password', ['username' => $username]);
            self::assertSame(204, $this->status, $username);
        }

        $links = $this->entities()->getConnection()->fetchFirstColumn('SELECT username FROM password_link');
        self::assertSame(['ada'], $links, 'whoever has no address gets none');
        self::assertEquals(0, $this->entities()->getConnection()->fetchOne("SELECT COUNT(*) FROM message WHERE body LIKE '%/password/%'"), 'it is not for the staff to read');
    }

    public function testWhoIsSignedOutEverywhereIsOutAtOnce(): void
    {
        $this->signIn('mora');
        $this->call('POST', '/api/people/mora/sign-out');
        $this->call('GET', '/api/people');
        self::assertSame(401, $this->status);
        $this->signIn('mora');
    }

    public function testWhoChangesTheirPasswordKnowsTheOldOneAndIsSignedOut(): void
    {
        $this->signIn('ada');
        $problem = $this->call('PUT', '/api/session/password', ['password' => 'not the one', 'newPassword' => self::WORDS]);
        self::assertSame([422, ['/password']], [$this->status, self::pointers($problem)]);
        $problem = $this->call('PUT', '/api/session/password', ['password' => self::PASSWORD, 'newPassword' => 'short']);
        self::assertSame(['/newPassword'], self::pointers($problem));
        $this->call('PUT', '/api/session/password', ['password' => self::PASSWORD, 'newPassword' => self::WORDS]);
        $this->call('GET', '/api/board');
        self::assertSame(401, $this->status);
        $this->call('POST', '/api/sign-in', ['username' => 'ada', 'password' => self::WORDS]);
        self::assertSame(200, $this->status);
    }

    public function testTwoManagersAtOnceOverwriteNothing(): void
    {
        $this->signIn('mora');
        $was = ['name' => 'Bram Tollgate', 'role' => 'parts', 'lead' => false, 'email' => null];
        $this->call('PUT', '/api/people/bram', ['as' => [...$was, 'lead' => true], 'was' => $was]);
        self::assertSame(200, $this->status);
        $problem = $this->call('PUT', '/api/people/bram', ['as' => [...$was, 'name' => 'Bram T.'], 'was' => $was]);

        self::assertSame(409, $this->status);
        self::assertSame('urn:fresh-tack:conflict.changed', $problem->at('type')->raw());
    }

    public function testTheLastManagerStaysOne(): void
    {
        $this->signIn('mora');
        $this->call('PUT', '/api/people/teo/lock', ['locked' => true]);
        self::assertSame(200, $this->status);
        $was = ['name' => 'Mora Ostrander', 'role' => 'manager', 'lead' => false, 'email' => null];
        foreach ([['/api/people/mora/lock', ['locked' => true]], ['/api/people/mora', ['as' => [...$was, 'role' => 'writer'], 'was' => $was]]] as [$path, $body]) {
            $problem = $this->call('PUT', $path, $body);
            self::assertSame(409, $this->status);
            self::assertSame('urn:fresh-tack:conflict.last_manager', $problem->at('type')->raw());
        }
        $problem = $this->call('POST', '/api/people/teo/link');
        self::assertSame(409, $this->status);
        self::assertSame('urn:fresh-tack:conflict.locked_out', $problem->at('type')->raw());
    }

    public function testTheTrailTellsWhoDidIt(): void
    {
        $this->signIn('mora');
        $this->call('PUT', '/api/people/ada/lock', ['locked' => true]);
        $line = $this->call('GET', '/api/trail')->at('lines')->at(0);

        self::assertSame(['mora', 'account.locked', 'account ada'], [$line->at('by')->raw(), $line->at('action')->raw(), $line->at('subject')->raw()]);
    }

    public function testOnlyAManagerKeepsPeople(): void
    {
        foreach (['ines', 'ada', 'bram'] as $username) {
            $this->signIn($username);
            $this->call('GET', '/api/people');
            self::assertSame(403, $this->status);
            $this->call('POST', '/api/people', self::NUALA);
            self::assertSame(403, $this->status);
        }
    }

    private static function token(Cursor $given): string
    {
        return substr($given->at('link')->string(), \strlen('/password/'));
    }
}
