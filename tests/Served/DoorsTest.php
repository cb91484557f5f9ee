<?php

declare(strict_types=1);

namespace FreshTack\Tests\Served;

use Symfony\Component\HttpClient\HttpClient;

/** What only the whole server shows: its headers, its time, what it believes of who asks. */
final class DoorsTest extends ServedTestCase
{
    private const SAFE = ['content-security-policy', 'permissions-policy', 'referrer-policy', 'x-content-type-options', 'x-frame-options'];

    public function testEveryAnswerCarriesTheHeadersThatKeepAPageSafeOnce(): void
    {
        $http = HttpClient::createForBaseUri((string) getenv('BASE_URL'));
        preg_match('#/assets/[^"]+\.js#', $http->request('GET', '/')->getContent(), $script);
        foreach ([
            '/',
            '/icon.svg',
            $script[0] ?? '',
            '/no/such/page',
            '/assets/none.js',
            '/health',
            '/api/session',
            '/api/board',
        ] as $path) {
            $headers = $http->request('GET', $path)->getHeaders(false);

            self::assertEquals(
                array_fill_keys(self::SAFE, 1),
                array_map(\count(...), array_intersect_key($headers, array_flip(self::SAFE))),
                $path,
            );
        }
    }

    public function testARequestOfASessionThatHasEndedTakesNobodysSessionAway(): void
    {
        // nobody else's of these tests
        $ada = Person::signedIn('ada');
        // whoever signs in next in this browser has a session of another number
        $ada->press('POST', '/api/sign-in', ['username' => 'mora', 'password' => Person::PASSWORD])->getContent();
        $late = $ada->press('GET', '/api/board');

        self::assertSame(401, $late->getStatusCode());
        self::assertSame([], $late->getHeaders(false)['set-cookie'] ?? []);
    }

    /** Compared within one run: a hash is looked at in both. */
    public function testANameThatNobodyHasTakesAsLongAsAWrongPassword(): void
    {
        $known = $unknown = 0.0;
        foreach (['ada', 'bram', 'teo', 'ines'] as $index => $name) {
            $known += self::secondsOf($name);
            $unknown += self::secondsOf('nobody-'.$index);
        }

        self::assertGreaterThan(0.5, $unknown / $known);
        self::assertLessThan(2.0, $unknown / $known);
    }

    public function testAPrintDoesNotBelieveWhatTheBrowserCallsTheServer(): void
    {
        $number = self::issued(2, null);
        $answers = array_map(
            static fn (array $headers): string => self::person('ines')->press(
                'GET',
                "/api/orders/$number/sheet.pdf",
                null,
                $headers,
            )->getContent(),
            [[], ['Host' => 'evil.example']],
        );

        // PDFs differ in the moment at which they were made and in nothing else
        self::assertSame(...array_map(
            static fn (string $pdf): ?string => preg_replace('#(/CreationDate|/ModDate|/ID|<xmp:)[^\n]*#', '', $pdf),
            $answers,
        ));
    }

    private static function secondsOf(string $name): float
    {
        $http = HttpClient::createForBaseUri((string) getenv('BASE_URL'), ['headers' => ['X-Fresh-Tack' => '1']]);
        $start = hrtime(true);
        self::assertSame(
            401,
            $http->request('POST', '/api/sign-in', ['json' => ['username' => $name, 'password' => 'wrong']])->getStatusCode(),
        );

        return (hrtime(true) - $start) / 1e9;
    }
}
