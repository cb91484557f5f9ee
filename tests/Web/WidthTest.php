<?php

declare(strict_types=1);

namespace FreshTack\Tests\Web;

use FreshTack\Core\Reading\Width;
use FreshTack\Tests\Support\SpareSeal;
use PHPUnit\Framework\Attributes\DataProvider;

/** A field is as wide in the description, from which the forms have it, as where it is read and kept. */
final class WidthTest extends ApiTestCase
{
    private const USE = ['water' => 'salt', 'kept' => 'moored', 'commercial' => false, 'months' => [5], 'idling' => false, 'silt' => false, 'sharedLockout' => false, 'separators' => null];
    private const CUSTOMER = ['name' => 'X', 'email' => null, 'phone' => null];
    private const BOAT = ['name' => 'X', 'kind' => 'x', 'registration' => '', 'customerId' => 1, 'use' => self::USE];
    private const PART = SpareSeal::PART;

    /** @return iterable<string, array{string, string, string, array<string, mixed>, string, int}> */
    public static function fields(): iterable
    {
        yield 'the name of a customer' => ['NewCustomer', 'POST', '/api/customers', self::CUSTOMER, 'name', Width::CUSTOMER_NAME];
        yield 'the name of a boat' => ['NewBoat', 'POST', '/api/boats', self::BOAT, 'name', Width::BOAT_NAME];
        yield 'the kind of a boat' => ['NewBoat', 'POST', '/api/boats', self::BOAT, 'kind', Width::BOAT_KIND];
        yield 'a registration' => ['NewBoat', 'POST', '/api/boats', self::BOAT, 'registration', Width::REGISTRATION];
        yield 'the number of a part' => ['Part', 'PUT', '/api/catalogue/part', self::PART, 'number', Width::PART_NUMBER];
        yield 'the description of a part' => ['Part', 'PUT', '/api/catalogue/part', self::PART, 'description', Width::PART_DESCRIPTION];
        yield 'the maker of a part' => ['Part', 'PUT', '/api/catalogue/part', self::PART, 'maker', Width::MAKER];
        yield 'a bin' => ['Part', 'PUT', '/api/catalogue/part', self::PART, 'bin', Width::BIN];
    }

    /** @param array<string, mixed> $body */
    #[DataProvider('fields')]
    public function testAFieldTakesWhatItsDescriptionAllowsAndNotOneMore(
        string $schema,
        string $method,
        string $path,
        array $body,
        string $field,
        int $width,
    ): void {
        self::assertSame($width, OpenApi::load()->width($schema, $field));
        $this->signIn('mora');
        foreach ([$width => [200, 201], $width + 1 => [422]] as $length => $statuses) {
            $sent = [...$body, $field => str_repeat('B', $length)];
            $this->call($method, $path, 'Part' === $schema ? ['version' => null, 'part' => $sent] : $sent, described: false);

            self::assertContains($this->status, $statuses, (string) $length);
        }
    }

    /** @return iterable<string, array{string, string, int}> */
    public static function described(): iterable
    {
        yield 'model of an engine' => ['NewEngine', 'model', Width::MODEL];
        yield 'serial number' => ['NewEngine', 'serial', Width::SERIAL];
        yield 'gearcase' => ['NewEngine', 'gearcase', Width::GEARCASE];
        yield 'serial number at the counter' => ['DraftEngine', 'serial', Width::SERIAL];
        yield 'e-mail address' => ['NewCustomer', 'email', Width::EMAIL];
        yield 'telephone number' => ['NewCustomer', 'phone', Width::PHONE];
        yield 'code of a model' => ['NewModel', 'code', Width::MODEL];
        yield 'maker of a model' => ['NewModel', 'maker', Width::MAKER];
    }

    #[DataProvider('described')]
    public function testTheDescriptionSaysTheSame(string $schema, string $field, int $width): void
    {
        self::assertSame($width, OpenApi::load()->width($schema, $field));
    }
}
