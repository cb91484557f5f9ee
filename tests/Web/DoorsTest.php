<?php

declare(strict_types=1);

namespace FreshTack\Tests\Web;

use FreshTack\Exchange\Json;
use PHPUnit\Framework\Attributes\DataProvider;

/** Who sees what, who is let in, and what stays in the trail. */
final class DoorsTest extends ApiTestCase
{
    public function testMessagesToOwnersAndSecretAddressesAreForThoseWhoMaySeeTheOutbox(): void
    {
        $this->signIn('ines');
        $boat = $this->boatId('Brisk Tern');
        $this->call('POST', "/api/boats/$boat/reminder", ['channel' => 'email', 'subject' => 'Service', 'body' => 'It is due.']);
        $token = $this->call('POST', "/api/boats/$boat/calendar")->at('token')->string();
        $page = $this->call('GET', "/api/boats/$boat");
        self::assertSame([1, $token], [\count($page->at('messages')->list()), $page->at('calendar')->raw()]);
        foreach (['ada', 'bram'] as $name) {
            $this->signIn($name);
            $page = $this->call('GET', "/api/boats/$boat");
            self::assertSame([[], null], [$page->at('messages')->raw(), $page->at('calendar')->raw()], $name);
        }
    }

    /** @return iterable<string, array{string, int}> typed name, status */
    public static function names(): iterable
    {
        yield 'as it is' => ['mora', 200];
        yield 'in capitals, with blanks' => [' Mora ', 200];
        yield 'with other letters' => ['mörá', 401];
        yield 'with a letter that looks alike' => ["m\u{043E}ra", 401];
        yield 'not even text' => ["mora\u{0000}", 200];
    }

    #[DataProvider('names')]
    public function testAnAccountHasOneNameHoweverItIsTyped(string $typed, int $status): void
    {
        $this->call('POST', '/api/sign-in', ['username' => $typed, 'password' => self::PASSWORD]);

        self::assertSame($status, $this->status);
    }

    public function testGuessingUnderOtherSpellingsIsSlowedDownAllTheSame(): void
    {
        foreach (['mora', 'MORA', ' mora', 'mora ', 'Mora', 'mOra'] as $typed) {
            $this->call('POST', '/api/sign-in', ['username' => $typed, 'password' => 'wrong']);
        }
        self::assertSame(429, $this->status);
    }

    public function testASerialNumberThatIsCorrectedKeepsTheOldOneInTheTrail(): void
    {
        $this->signIn('ines');
        $this->call(
            'POST',
            '/api/boats/'.$this->boatId('Swing Seat').'/check-ins',
            $this->draftFor('Swing Seat', [['serial' => 'D12-4417', 'hours' => '12']]),
        );
        $detail = $this->entities()->getConnection()->fetchOne(
            "SELECT a.detail FROM audit_entry a JOIN engine e ON a.subject = CONCAT('engine ', e.id)
             WHERE e.serial = 'D12-4417' AND a.action = 'engine.identified'",
        );

        self::assertSame(
            ['from' => 'D12-44I7', 'to' => 'D12-4417'],
            ((array) Json::decode(\is_string($detail) ? $detail : '{}'))['serial'] ?? null,
        );
    }

    public function testARecordNamesPeopleAsTheyWereCalledThatDay(): void
    {
        $number = $this->releasedTwin();
        $this->entities()->getConnection()->executeStatement("UPDATE account SET name = 'Somebody Else' WHERE username = 'ada'");
        $record = $this->call('GET', "/api/orders/$number/record");

        self::assertSame('Ada Feldspar', $record->at('releasedBy')->raw());
        self::assertSame('Ada Feldspar', $record->at('engines')->at(0)->at('entries')->at(0)->at('by')->raw());
    }

    /** @return iterable<string, array{string}> */
    public static function unseen(): iterable
    {
        yield 'nothing, as a character' => ["Bri\u{0000}sk"];
        yield 'a line break' => ["Brisk\nTern"];
        yield 'a bell' => ["Brisk\u{0007}"];
        yield 'a turn of direction' => ["Brisk \u{202E}nreT"];
    }

    #[DataProvider('unseen')]
    public function testCharactersThatNobodySeesAreNoPartOfAName(string $name): void
    {
        $this->signIn('ines');
        $problem = $this->call('POST', '/api/customers', ['name' => $name, 'email' => null, 'phone' => null]);

        self::assertSame([422, ['/name']], [$this->status, self::pointers($problem)]);
    }

    /** @return iterable<string, array{string, int}> */
    public static function addresses(): iterable
    {
        yield 'bytes that are no text' => ['/api/search?q=%FF%FE', 400];
        yield 'nothing, as a character' => ['/api/search?q=a%00b', 400];
        yield 'a list' => ['/api/search?q[]=a', 400];
        yield 'a number beyond all of ours' => ['/api/boats/99999999999999999999', 404];
        yield 'digits of another script' => ['/api/boats/%D9%A1', 404];
        yield 'an order beyond all of ours' => ['/api/orders/4294967296', 404];
    }

    #[DataProvider('addresses')]
    public function testAnAddressThatIsNoneIsToldAsThat(string $path, int $status): void
    {
        $this->signIn('ines');
        $this->client->request('GET', $path);

        self::assertSame($status, $this->client->getResponse()->getStatusCode());
        self::assertSame('application/problem+json', $this->client->getResponse()->headers->get('Content-Type'));
    }
}
