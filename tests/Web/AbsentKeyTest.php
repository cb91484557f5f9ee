<?php

declare(strict_types=1);

namespace FreshTack\Tests\Web;

/** A body that replaces something is whole: of what is left out nobody makes up what was meant. */
final class AbsentKeyTest extends ApiTestCase
{
    private const USE = ['water' => 'salt', 'kept' => 'moored', 'commercial' => false, 'months' => [5], 'idling' => false, 'silt' => false, 'sharedLockout' => false, 'separators' => null];
    /** Whoever sets their own password is signed out: it has a test of its own. */
    private const SIGNS_OUT = 'PUT /api/session/password';
    private const BRAM = ['name' => 'Bram Tollgate', 'role' => 'parts', 'lead' => false, 'email' => null];
    /** A change of a sheet is a list of changes by its nature: what it does not name stays. */
    private const CHANGES = '/api/book/sheets/{id}/{revision}';

    public function testEveryKeyOfABodyThatReplacesSomethingHasToBeThere(): void
    {
        $bodies = $this->bodies();
        $described = array_filter(
            OpenApi::load()->operations(),
            static fn (string $operation): bool => 1 === preg_match('#^(PUT|PATCH) #', $operation) && 'PUT '.self::CHANGES !== $operation && self::SIGNS_OUT !== $operation,
        );
        self::assertSame([], array_diff($described, array_keys($bodies)), 'each that is described has an example here');
        $this->signIn('mora');
        foreach ($bodies as $operation => [$path, $body]) {
            foreach (self::keys($body) as $key) {
                $problem = $this->call('PUT', $path, self::without($body, $key), described: false);

                self::assertSame(422, $this->status, "$operation without ".implode('/', $key));
                foreach (self::pointers($problem) as $pointer) {
                    self::assertStringStartsWith('/'.implode('/', $key), $pointer, $operation);
                }
            }
            $this->call('PUT', $path, $body);
            self::assertSame(200, $this->status, "$operation with all of it");
        }
    }

    public function testAChangeOfASheetLeavesWhatItDoesNotName(): void
    {
        $this->signIn('mora');
        $path = '/api/book/sheets/dunmarrow-d65/6';
        $before = $this->download($path.'/document.json');
        $this->call('PUT', $path, ['version' => $this->call('GET', $path)->at('version')->raw()]);
        $after = $this->download($path.'/document.json');

        self::assertSame(self::withoutAuthor($before), self::withoutAuthor($after));
    }

    /** @return array<string, array{string, array<mixed>}> path and whole body by operation */
    private function bodies(): array
    {
        [$number, , $version] = $this->draftOfTwin();
        $order = $this->call('GET', "/api/orders/$number")->at('draft')->raw();
        self::assertIsArray($order);
        $customer = $this->call(
            'POST',
            '/api/customers',
            ['name' => 'Whole', 'email' => null, 'phone' => null],
        )->at('id')->int(1, \PHP_INT_MAX);
        $boat = $this->call(
            'POST',
            '/api/boats',
            ['name' => 'Whole', 'kind' => 'x', 'registration' => '', 'customerId' => $customer, 'use' => self::USE],
        )->at('id')->int(1, \PHP_INT_MAX);
        $plate = [
            'model' => 'D12',
            'serial' => 'D12-4999',
            'inService' => '2024-01-01',
            'hasMeter' => false,
            'year' => null,
            'gearcase' => null,
            'warrantyUntil' => null,
        ];
        $engine = $this->call('POST', '/api/engines', $plate)->at('id')->int(1, \PHP_INT_MAX);
        $this->signIn('mora');
        $part = $this->call('GET', '/api/catalogue/part?number=DM-10277');
        $schools = $this->call('GET', '/api/policy/schools');
        $due = $this->call('GET', '/api/policy/due')->raw();
        self::assertIsArray($due);
        $token = substr($this->call('POST', '/api/people/ada/link')->at('link')->string(), \strlen('/password/'));
        $oil = $this->call('GET', '/api/oils')->at('oils')->at(0);
        $fields = $oil->raw();
        self::assertIsArray($fields);

        return [
            'PUT /api/orders/{number}/draft' => ["/api/orders/$number/draft", ['version' => $version, 'draft' => $order]],
            'PUT /api/session/pin' => ['/api/session/pin', ['password' => self::PASSWORD, 'pin' => '9317']],
            'PUT /api/customers/{id}' => [
                "/api/customers/$customer",
                ['name' => 'Whole', 'email' => null, 'phone' => null, 'version' => 1],
            ],
            'PUT /api/boats/{id}' => [
                "/api/boats/$boat",
                ['name' => 'Whole', 'kind' => 'x', 'registration' => '', 'customerId' => $customer, 'use' => self::USE, 'version' => 1],
            ],
            'PUT /api/engines/{id}' => ["/api/engines/$engine", [...$plate, 'version' => 1]],
            'PUT /api/engines/{id}/fitting' => [
                "/api/engines/$engine/fitting",
                ['boatId' => $boat, 'position' => 'single', 'on' => '2026-03-18', 'swap' => false],
            ],
            'PUT /api/catalogue/part' => [
                '/api/catalogue/part',
                ['version' => $part->at('version')->raw(), 'part' => $part->at('part')->raw()],
            ],
            // the policies stand in one row: the second of them is sent with the version that the first one made
            'PUT /api/policy/due' => ['/api/policy/due', $due],
            'PUT /api/policy/schools' => [
                '/api/policy/schools',
                ['answers' => $this->answers(), 'version' => 1 + $schools->at('version')->int(1, \PHP_INT_MAX)],
            ],
            'PUT /api/policy/answers' => [
                '/api/policy/answers',
                ['answers' => ['raised' => new \stdClass(), 'added' => new \stdClass()], 'version' => 2 + $schools->at('version')->int(1, \PHP_INT_MAX)],
            ],
            'PUT /api/settings/{part}' => [
                '/api/settings/shop',
                ['value' => $this->call('GET', '/api/settings')->at('shop')->raw(), 'version' => 3 + $schools->at('version')->int(1, \PHP_INT_MAX)],
            ],
            'PUT /api/people/{username}' => [
                '/api/people/bram',
                ['as' => [...self::BRAM, 'name' => 'Bram T.'], 'was' => self::BRAM],
            ],
            'PUT /api/people/{username}/lock' => ['/api/people/bram/lock', ['locked' => true]],
            'PUT /api/password-link' => ['/api/password-link', ['token' => $token, 'password' => 'copper lantern drift']],
            'PUT /api/oils/{id}' => [
                '/api/oils/'.$oil->at('id')->string(),
                ['oil' => array_diff_key($fields, ['id' => 0, 'version' => 0]), 'version' => $oil->at('version')->raw()],
            ],
        ];
    }

    /**
     * @param array<mixed> $body
     *
     * @return list<list<string>> of objects only: a list that is shorter is another list
     */
    private static function keys(array $body): array
    {
        $keys = [];
        foreach ($body as $key => $value) {
            if (\is_string($key)) {
                $keys[] = [$key];
            }
            foreach (\is_array($value) ? self::keys(array_is_list($value) ? \array_slice($value, 0, 1) : $value) : [] as $rest) {
                $keys[] = [(string) $key, ...$rest];
            }
        }

        return $keys;
    }

    /**
     * @param array<mixed> $body
     * @param list<string> $key
     *
     * @return array<mixed>
     */
    private static function without(array $body, array $key): array
    {
        $first = $key[0];
        if (1 === \count($key)) {
            return array_diff_key($body, [$first => 0]);
        }
        $inner = $body[$first] ?? [];
        self::assertIsArray($inner);

        return [...$body, $first => self::without($inner, \array_slice($key, 1))];
    }

    /** @return array<mixed> */
    private static function withoutAuthor(string $document): array
    {
        $decoded = json_decode($document, true);
        self::assertIsArray($decoded);

        return array_diff_key($decoded, ['author' => 0]);
    }
}
