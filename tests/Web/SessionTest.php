<?php

declare(strict_types=1);

namespace FreshTack\Tests\Web;

use FreshTack\Storage\Background\WorkerPulse;
use PHPUnit\Framework\Attributes\DataProvider;

final class SessionTest extends ApiTestCase
{
    public function testSignsInAndOut(): void
    {
        self::assertNull($this->call('GET', '/api/session')->at('account')->raw());
        $account = $this->call('POST', '/api/sign-in', ['username' => 'ines', 'password' => self::PASSWORD]);
        self::assertSame(['ines', 'writer'], [$account->at('username')->raw(), $account->at('role')->raw()]);
        self::assertSame('ines', $this->call('GET', '/api/session')->at('account')->at('username')->raw());
        $this->call('DELETE', '/api/session');
        self::assertNull($this->call('GET', '/api/session')->at('account')->raw());
        $this->call('GET', '/api/board');
        self::assertSame(401, $this->status);
    }

    /** @return iterable<string, array{string, string}> */
    public static function wrong(): iterable
    {
        yield 'a wrong password' => ['ines', 'guess'];
        yield 'an unknown name' => ['nobody', self::PASSWORD];
        yield 'another case' => ['ines', 'Verrin-Inlet'];
        yield 'nothing' => ['ines', ''];
    }

    #[DataProvider('wrong')]
    public function testAFailureNeverSaysWhichPartWasWrong(string $username, string $password): void
    {
        $problem = $this->call('POST', '/api/sign-in', ['username' => $username, 'password' => $password]);

        self::assertSame(401, $this->status);
        self::assertStringNotContainsString('unknown', strtolower($problem->at('detail')->string()));
    }

    public function testGuessingIsSlowedDown(): void
    {
        foreach (range(1, 5) as $ignored) {
            $this->call('POST', '/api/sign-in', ['username' => 'ada', 'password' => 'guess']);
            self::assertSame(401, $this->status);
        }
        $this->call('POST', '/api/sign-in', ['username' => 'ada', 'password' => self::PASSWORD]);
        self::assertSame(429, $this->status);
        self::assertSame('5', $this->client->getResponse()->headers->get('Retry-After'));
        // another account is not held up
        $this->signIn('ines');
    }

    public function testASuccessForgetsTheFailures(): void
    {
        foreach (range(1, 4) as $ignored) {
            $this->call('POST', '/api/sign-in', ['username' => 'ada', 'password' => 'guess']);
        }
        $this->signIn('ada');
        $this->call('POST', '/api/sign-in', ['username' => 'ada', 'password' => 'guess']);
        self::assertSame(401, $this->status);
    }

    public function testWhatAPageStillHasToSendIsNotTakenInTheNameOfWhoeverSignedInSince(): void
    {
        $this->signIn('mora');
        $boat = $this->boatId('Grey Oyster');
        $draft = $this->draftFor('Grey Oyster');
        $send = function (string $for) use ($boat, $draft): string {
            $headers = ['HTTP_X-Fresh-Tack' => '1', 'HTTP_X-Fresh-Tack-Account' => $for];

            $answer = $this->call('POST', \sprintf('/api/boats/%d/check-ins', $boat), $draft, $headers);

            return (string) $answer->at('detail')->optionalString();
        };
        $orders = fn (): mixed => $this->entities()->getConnection()->fetchOne('SELECT COUNT(*) FROM work_order');
        $before = $orders();

        self::assertStringStartsWith('Mora Ostrander has signed in', $send('ines'));
        self::assertSame([401, $before], [$this->status, $orders()]);
        self::assertSame('', $send('mora'));
        self::assertSame(201, $this->status);
    }

    /** @return iterable<string, array{array<string, string>}> */
    public static function forged(): iterable
    {
        yield 'without our header, as a form would send it' => [[]];
        yield 'from another origin' => [['HTTP_X-Fresh-Tack' => '1', 'HTTP_ORIGIN' => 'http://elsewhere.invalid']];
        yield 'from another site by the browser\'s word' => [['HTTP_X-Fresh-Tack' => '1', 'HTTP_SEC-FETCH-SITE' => 'cross-site']];
    }

    /** @param array<string, string> $headers */
    #[DataProvider('forged')]
    public function testARequestOfAnotherSiteChangesNothing(array $headers): void
    {
        $this->signIn('ines');
        $problem = $this->call('DELETE', '/api/session', null, $headers);

        self::assertSame([403, 'urn:fresh-tack:request.forged'], [$this->status, $problem->at('type')->raw()]);
        self::assertSame('ines', $this->call('GET', '/api/session')->at('account')->at('username')->raw());
    }

    public function testTheCookieIsOutOfReachOfScriptsAndOtherSites(): void
    {
        $options = self::getContainer()->getParameter('session.storage.options');
        self::assertIsArray($options);

        self::assertSame([true, 'strict', 'auto'], [$options['cookie_httponly'], $options['cookie_samesite'], $options['cookie_secure']]);
    }

    public function testTheDemoAccountsAreListedWithoutTheirHashes(): void
    {
        $this->call('GET', '/api/shop');

        self::assertStringContainsString('Ines Rowntree', (string) $this->client->getResponse()->getContent());
        self::assertStringNotContainsString('$2y$', (string) $this->client->getResponse()->getContent());
    }

    public function testTellsThatItIsWell(): void
    {
        self::assertSame('ok', $this->call('GET', '/health')->at('status')->raw());
    }

    public function testTellsWhoWatchesTheMachineWhatIsMissing(): void
    {
        $folder = self::getContainer()->getParameter('fresh_tack.data_dir');
        self::assertIsString($folder);
        $pulse = $folder.'/progress/worker.alive';
        is_file($pulse) && unlink($pulse);
        $told = $this->call('GET', '/health/ready');
        self::assertSame(503, $this->status);
        self::assertContains('/worker', self::pointers($told));

        (new WorkerPulse($folder))->beat();
        self::assertNotContains('/worker', self::pointers($this->call('GET', '/health/ready')));
        touch($pulse, time() - 3600);
        self::assertContains('/worker', self::pointers($this->call('GET', '/health/ready')), 'an hour ago is too long');
    }

    public function testARequestsNumberComesBack(): void
    {
        $this->call('GET', '/health', null, ['HTTP_X-Request-Id' => 'abc123']);

        self::assertSame('abc123', $this->client->getResponse()->headers->get('X-Request-Id'));
        self::assertSame('nosniff', $this->client->getResponse()->headers->get('X-Content-Type-Options'));
    }
}
