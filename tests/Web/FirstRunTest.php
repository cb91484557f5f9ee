<?php

declare(strict_types=1);

namespace FreshTack\Tests\Web;

use FreshTack\Core\Reading\Cursor;
use FreshTack\Shop\FirstRun\OpenShop;
use PHPUnit\Framework\Attributes\DataProvider;

/** A shop that nobody has opened yet: the code of the terminal, the first manager, and what stands there afterwards. */
final class FirstRunTest extends ApiTestCase
{
    private const SHOP = [
        'name' => 'Saltmarsh Marine', 'address' => null, 'phone' => null, 'email' => null,
        'country' => 'US', 'timeZone' => 'America/New_York', 'currency' => 'USD', 'paper' => null,
    ];
    private const MANAGER = ['username' => 'Odile', 'name' => 'Odile Marrow', 'password' => 'copper lantern drift'];

    protected function setUp(): void
    {
        parent::setUp();
        $this->entities()->getConnection()->executeStatement('SET FOREIGN_KEY_CHECKS = 0');
        foreach (['shop', 'account', 'shelf_oil', 'part', 'boat', 'spec_sheet', 'engine_model'] as $table) {
            $this->entities()->getConnection()->executeStatement("DELETE FROM $table");
        }
        $this->entities()->getConnection()->executeStatement('SET FOREIGN_KEY_CHECKS = 1');
        $this->entities()->clear();
    }

    public function testTheCodeOfTheTerminalOpensTheShopOnceAndTheManagerSignsIn(): void
    {
        self::assertFalse($this->call('GET', '/api/shop')->at('isOpen')->raw());
        $code = $this->code();
        // as somebody types it
        $this->open(strtolower(str_replace('-', ' ', $code)));
        self::assertSame(201, $this->status);

        $shop = $this->call('GET', '/api/shop');
        self::assertSame([true, 'Saltmarsh Marine', 'letter', []], [$shop->at('isOpen')->raw(), $shop->at('name')->raw(), $shop->at('paper')->raw(), $shop->at('demoAccounts')->raw()]);
        $this->call('POST', '/api/sign-in', ['username' => 'odile', 'password' => self::MANAGER['password']]);
        self::assertSame(200, $this->status);
        $this->open($code);
        self::assertSame(409, $this->status, 'there is one first manager');
        $parts = array_column($this->raw($this->call('GET', '/api/set-up')->at('parts')), 'isDone', 'key');
        self::assertNotContains(true, $parts, 'nothing else is there yet');
    }

    public function testAThirdWrongCodeEndsTheCodeAndANewOneOpens(): void
    {
        $code = $this->code();
        foreach (['stands in the terminal', 'stands in the terminal', 'for the third time'] as $told) {
            self::assertStringContainsString($told, $this->open('AAAA-AAAA')->at('errors')->at(0)->at('detail')->string());
            self::assertSame(422, $this->status);
        }
        self::assertSame(['/code'], self::pointers($this->open($code)));
        self::assertSame(422, $this->status, 'the right one came too late');

        $this->open($this->code());
        self::assertSame(201, $this->status);
    }

    public function testANewCodeTakesThePlaceOfTheOneBefore(): void
    {
        $before = $this->code();
        $now = $this->code();
        $this->open($before);
        self::assertSame(422, $this->status);
        $this->open($now);
        self::assertSame(201, $this->status);
    }

    /** @return iterable<string, array{array<string, mixed>, array<string, mixed>, string}> what of the shop, what of the manager, pointer */
    public static function refused(): iterable
    {
        yield 'no name' => [['name' => ' '], [], '/shop/name'];
        yield 'a zone of nowhere' => [['timeZone' => 'Verrin/Inlet'], [], '/shop/timeZone'];
        yield 'a currency without hundredths' => [['currency' => 'JPY'], [], '/shop/currency'];
        yield 'a password that is short' => [[], ['password' => 'short'], '/manager/password'];
        yield 'a password with the name in it' => [[], ['password' => 'odile odile odile'], '/manager/password'];
        yield 'a user name with a blank' => [[], ['username' => 'odile m'], '/manager/username'];
        yield 'nobody' => [[], ['name' => ''], '/manager/name'];
    }

    /**
     * @param array<string, mixed> $shop
     * @param array<string, mixed> $manager
     */
    #[DataProvider('refused')]
    public function testWhatCantBeIsToldAtItsFieldAndTheCodeStillCounts(array $shop, array $manager, string $pointer): void
    {
        $code = $this->code();
        $problem = $this->open($code, $shop, $manager);
        self::assertSame([422, [$pointer]], [$this->status, self::pointers($problem)]);

        $this->open($code);
        self::assertSame(201, $this->status);
    }

    public function testWithoutASeasonACheckInAsksForTheAirAndSaysSo(): void
    {
        $this->open($this->code());
        $this->call('POST', '/api/sign-in', ['username' => 'odile', 'password' => self::MANAGER['password']]);
        $customer = $this->call('POST', '/api/customers', ['name' => 'Anna', 'email' => null, 'phone' => null])->at('id')->raw();
        $use = [
            'water' => 'salt', 'kept' => 'moored', 'commercial' => false, 'months' => [5], 'idling' => false, 'silt' => false,
            'sharedLockout' => false, 'separators' => null,
        ];
        $boat = $this->call('POST', '/api/boats', ['name' => 'Wren', 'kind' => 'x', 'registration' => '', 'customerId' => $customer, 'use' => $use]);
        $form = $this->call('GET', '/api/boats/'.$boat->at('id')->int(1, \PHP_INT_MAX).'/check-in');

        self::assertSame([200, false], [$this->status, $form->at('airKnown')->raw()]);
    }

    private function code(): string
    {
        $open = self::getContainer()->get(OpenShop::class);
        self::assertInstanceOf(OpenShop::class, $open);

        return $open->code()->shown();
    }

    /**
     * @param array<string, mixed> $shop
     * @param array<string, mixed> $manager
     */
    private function open(string $code, array $shop = [], array $manager = []): Cursor
    {
        return $this->call('POST', '/api/first-run', [
            'code' => $code,
            'shop' => [...self::SHOP, ...$shop],
            'manager' => [...self::MANAGER, ...$manager],
        ], described: false);
    }

    /** @return list<array<string, mixed>> */
    private function raw(Cursor $list): array
    {
        /** @var list<array<string, mixed>> $raw */
        $raw = $list->raw();

        return $raw;
    }
}
