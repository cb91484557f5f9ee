<?php

declare(strict_types=1);

namespace FreshTack\Tests\Web;

use FreshTack\Core\Reading\Cursor;
use PHPUnit\Framework\Attributes\DataProvider;

/** Customers, boats, and engines that move between them. */
final class RegisterTest extends ApiTestCase
{
    private const USE = ['water' => 'salt', 'kept' => 'moored', 'commercial' => false, 'months' => [5, 6, 7], 'idling' => false, 'silt' => false, 'sharedLockout' => false, 'separators' => null];

    public function testANewOwnerWithABoatAndAnEngineIsFoundAtOnce(): void
    {
        $this->signIn('ines');
        $customer = $this->call('POST', '/api/customers', ['name' => 'Société Grève-Mer', 'email' => 'quay@greve.example', 'phone' => '01 555 0199'])->at('id')->int(1, \PHP_INT_MAX);
        $boat = $this->call('POST', '/api/boats', ['name' => 'Étoile', 'kind' => 'day boat', 'registration' => 'VI 7777', 'customerId' => $customer, 'use' => self::USE])->at('id')->int(1, \PHP_INT_MAX);
        $engine = $this->addEngine('K85', 'KM2-8123');
        self::assertSame('kestrane-k85', $engine->at('identification')->at('sheet')->at('id')->raw(), 'identified at entry');
        self::assertContains('KM2-8123', $this->found('engines', '8123', 'serial'), 'in store');
        $this->fit($engine->at('id')->int(1, \PHP_INT_MAX), $boat, 'single');
        self::assertSame(200, $this->status);

        foreach (['etoile', 'ETO', '7777', 'greve', '8123', 'km2 8123'] as $text) {
            self::assertContains('Étoile', $this->found('boats', $text), $text);
        }
        self::assertSame([], $this->found('engines', '8123', 'serial'), 'with its boat now');
        self::assertSame(['Société Grève-Mer'], $this->found('customers', 'societe'));
    }

    public function testARenamedOwnerIsFoundByTheNewNameOnly(): void
    {
        $this->signIn('ines');
        $owner = $this->call('GET', '/api/boats/'.$this->boatId('Tidewright'))->at('owner');
        $this->call('PUT', '/api/customers/'.$owner->at('id')->int(1, \PHP_INT_MAX), ['name' => 'Family Quarrelmoor', 'email' => null, 'phone' => null, 'version' => $owner->at('version')->raw()]);
        self::assertSame(200, $this->status);

        self::assertSame([['Tidewright'], []], [$this->found('boats', 'quarrel'), $this->found('boats', 'tregarrow')]);
    }

    public function testTwoWhoEditTheSameBoat(): void
    {
        $this->signIn('ines');
        $page = $this->call('GET', '/api/boats/'.$this->boatId('Sandling'));
        $body = static fn (string $name): array => ['name' => $name, 'kind' => 'tender', 'registration' => 'VI 2660', 'customerId' => $page->at('customerId')->raw(), 'use' => self::USE, 'version' => $page->at('version')->raw()];
        $this->call('PUT', '/api/boats/'.$this->boatId('Sandling'), $body('Sanderling'));
        self::assertSame(200, $this->status);
        $this->call('PUT', '/api/boats/'.$this->boatId('Sanderling'), $body('Sandmartin'));
        self::assertSame(409, $this->status);
        self::assertSame(['Sanderling'], $this->found('boats', 'sanderling'));
    }

    /** @return iterable<string, array{array<string, mixed>, list<string>}> */
    public static function badBoats(): iterable
    {
        yield 'no name' => [['name' => ''], ['/name']];
        yield 'never used' => [['use' => [...self::USE, 'months' => []]], ['/use/months']];
        yield 'a separator that is never renewed' => [['use' => [...self::USE, 'separators' => ['count' => 'one', 'element' => 'TW-4410', 'every' => null]]], ['/use/separators/every']];
        yield 'a separator every nothing' => [['use' => [...self::USE, 'separators' => ['count' => 'each', 'element' => null, 'every' => ['hours' => null, 'months' => null]]]], ['/use/separators/every']];
        yield 'an owner who is not there' => [['customerId' => 987654], []];
    }

    /**
     * @param array<string, mixed> $change
     * @param list<string>         $pointers
     */
    #[DataProvider('badBoats')]
    public function testABoatThatMakesNoSenseIsRefused(array $change, array $pointers): void
    {
        $this->signIn('ines');
        $problem = $this->call('POST', '/api/boats', ['name' => 'X', 'kind' => 'x', 'registration' => '', 'customerId' => 1, 'use' => self::USE, ...$change]);
        self::assertContains($this->status, [404, 422]);
        self::assertSame($pointers, 422 === $this->status ? self::pointers($problem) : []);
    }

    /** @return iterable<string, array{array<string, mixed>, list<string>}> separators, and the engines at which one is counted */
    public static function separators(): iterable
    {
        $yearly = ['hours' => '100', 'months' => 12];
        yield 'one for the boat' => [['count' => 'one', 'element' => 'TW-4410', 'every' => $yearly], ['port']];
        yield 'one for each engine' => [['count' => 'each', 'element' => null, 'every' => $yearly], ['port', 'centre', 'starboard']];
        yield 'none' => [['count' => 'none', 'element' => null, 'every' => null], []];
    }

    /**
     * @param array<string, mixed> $separators
     * @param list<string>         $counted
     */
    #[DataProvider('separators')]
    public function testABoatsSeparatorsAreATaskWhereTheyAreCounted(array $separators, array $counted): void
    {
        $this->signIn('ines');
        $id = $this->boatId('Meridian Heron');
        $page = $this->call('GET', "/api/boats/$id");
        $use = $page->at('use')->raw();
        $body = ['name' => 'Meridian Heron', 'kind' => 'survey boat', 'registration' => 'VI 1', 'customerId' => $page->at('customerId')->raw(), 'use' => [...\is_array($use) ? $use : [], 'separators' => $separators], 'version' => $page->at('version')->raw()];
        $this->call('PUT', "/api/boats/$id", $body);
        self::assertSame(200, $this->status);

        $page = $this->call('GET', "/api/boats/$id");
        $every = null === $separators['every'] ? null : ['hours' => '100.0', 'months' => 12];
        self::assertSame([...$separators, 'every' => $every], $page->at('use')->at('separators')->raw());
        $due = static fn (Cursor $engine): bool => [] !== array_filter($engine->at('dues')->list(), static fn (Cursor $each): bool => 'fuel_separator' === $each->at('task')->raw());
        $at = array_values(array_filter($page->at('engines')->list(), $due));
        self::assertSame($counted, array_map(static fn (Cursor $engine): mixed => $engine->at('position')->raw(), $at));
    }

    /** @return iterable<string, array{array<string, mixed>, list<string>}> */
    public static function badEngines(): iterable
    {
        yield 'in service tomorrow' => [['inService' => '2026-03-19'], ['/inService']];
        yield 'a day that does not exist' => [['inService' => '2025-02-29'], ['/inService']];
        yield 'a warranty that ended before it began' => [['warrantyUntil' => '2023-12-31'], ['/warrantyUntil']];
        yield 'no serial number' => [['serial' => ' '], ['/serial']];
    }

    /**
     * @param array<string, mixed> $change
     * @param list<string>         $pointers
     */
    #[DataProvider('badEngines')]
    public function testAnEngineThatMakesNoSenseIsRefused(array $change, array $pointers): void
    {
        $this->signIn('ines');
        $problem = $this->call('POST', '/api/engines', ['model' => 'K85', 'serial' => 'KM2-8000', 'year' => null, 'gearcase' => null, 'inService' => '2024-02-29', 'warrantyUntil' => null, 'hasMeter' => true, ...$change]);
        self::assertSame([422, $pointers], [$this->status, self::pointers($problem)]);
    }

    public function testASerialNumberIsOnOneEngineOnlyAndTheOtherIsNamed(): void
    {
        $this->signIn('ines');
        $problem = $this->addEngine('D65', 'D65-3308');

        self::assertSame(409, $this->status);
        self::assertStringContainsString('D65-3308 is already in the register, on Grey Oyster', $problem->at('detail')->string());
    }

    public function testAnEngineThatMovesKeepsItsRecord(): void
    {
        $this->signIn('ines');
        $engine = $this->engineOf('Mudlark');
        $before = $this->call('GET', "/api/engines/$engine/log");
        self::assertSame(['Wrack Line', 'Mudlark'], self::boatsOf($before), 'it was moved once already');
        $this->takeOff($engine, '2026-03-10');
        self::assertSame(200, $this->status);
        self::assertSame([], $this->call('GET', '/api/boats/'.$this->boatId('Mudlark'))->at('engines')->list());
        $this->fit($engine, $this->boatId('Little Dunlin'), 'starboard', '2026-03-12');
        self::assertSame(422, $this->status, 'a single engine hangs there');
        $this->fit($this->engineOf('Little Dunlin'), $this->boatId('Little Dunlin'), 'port', '2026-03-12');
        $this->fit($engine, $this->boatId('Little Dunlin'), 'starboard', '2026-03-12');
        self::assertSame(200, $this->status);

        $after = $this->call('GET', "/api/engines/$engine/log");
        self::assertSame(['Wrack Line', 'Mudlark', 'Little Dunlin'], self::boatsOf($after));
        self::assertSame([$before->at('readings')->raw(), $before->at('done')->raw()], [$after->at('readings')->raw(), $after->at('done')->raw()]);
        self::assertSame(['Port', 'Starboard'], array_map(static fn (Cursor $each): string => $each->at('label')->string(), $this->call('GET', '/api/boats/'.$this->boatId('Little Dunlin'))->at('engines')->list()));
    }

    public function testTwoEnginesAreSwappedOnlyIfThatIsMeant(): void
    {
        $this->signIn('ines');
        [$mudlark, $pennant] = [$this->engineOf('Mudlark'), $this->engineOf('Old Pennant')];
        $problem = $this->fit($mudlark, $this->boatId('Old Pennant'), 'single');
        self::assertSame(409, $this->status);
        self::assertStringContainsString('D65 D65-4410 hangs there. Swap the two', $problem->at('detail')->string());
        $this->fit($mudlark, $this->boatId('Old Pennant'), 'single', swap: true);
        self::assertSame(200, $this->status);

        self::assertSame([$mudlark, $pennant], [$this->engineOf('Old Pennant'), $this->engineOf('Mudlark')]);
        self::assertSame(['Mudlark'], $this->found('boats', 'd65-4410'));
    }

    public function testABoatWithAnOpenOrderKeepsItsEngines(): void
    {
        $this->signIn('ines');
        $number = $this->call('POST', '/api/boats/'.$this->boatId('Mudlark').'/check-ins', $this->draftFor('Mudlark', [['hours' => '590']]))->at('number')->int(1, \PHP_INT_MAX);
        $problem = $this->takeOff($this->engineOf('Mudlark'), '2026-03-18');

        self::assertSame(409, $this->status);
        self::assertStringContainsString("Order $number is open on this boat", $problem->at('detail')->string());
    }

    public function testDaysOfAMoveMustFollowEachOther(): void
    {
        $this->signIn('ines');
        $engine = $this->engineOf('Mudlark');
        self::assertSame(['/on'], self::pointers($this->takeOff($engine, '2026-03-19')), 'tomorrow');
        self::assertSame(['/on'], self::pointers($this->takeOff($engine, '2025-05-01')), 'before it was hung there, on 1 Jun 2025');
    }

    public function testWhatHasAPastIsNotRemoved(): void
    {
        $this->signIn('ines');
        $engine = $this->engineOf('Mudlark');
        $this->call('DELETE', "/api/engines/$engine");
        self::assertSame(409, $this->status, 'it hangs on a boat');
        $this->takeOff($engine, '2026-03-18');
        self::assertStringContainsString('written down of it', $this->call('DELETE', "/api/engines/$engine")->at('detail')->string());
        $boat = $this->boatId('Mudlark');
        self::assertStringContainsString('belong to its past', $this->call('DELETE', "/api/boats/$boat")->at('detail')->string());
        $this->call('DELETE', '/api/customers/'.$this->call('GET', "/api/boats/$boat")->at('customerId')->int(1, \PHP_INT_MAX));
        self::assertSame(409, $this->status, 'boats are theirs');
    }

    public function testWhatHasNoPastIsRemovedAndFoundNoMore(): void
    {
        $this->signIn('ines');
        $engine = $this->addEngine('K85', 'KM2-8124')->at('id')->int(1, \PHP_INT_MAX);
        $this->call('DELETE', "/api/engines/$engine");
        self::assertSame(204, $this->status);
        $customer = $this->call('POST', '/api/customers', ['name' => 'Nobody Much', 'email' => null, 'phone' => null])->at('id')->int(1, \PHP_INT_MAX);
        $boat = $this->call('POST', '/api/boats', ['name' => 'Ghost', 'kind' => 'x', 'registration' => '', 'customerId' => $customer, 'use' => self::USE])->at('id')->int(1, \PHP_INT_MAX);
        $this->call('DELETE', "/api/boats/$boat");
        self::assertSame(204, $this->status);
        $this->call('DELETE', "/api/customers/$customer");
        self::assertSame(204, $this->status);

        self::assertSame([[], [], []], [$this->found('engines', '8124', 'serial'), $this->found('boats', 'ghost'), $this->found('customers', 'nobody')]);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function badCustomers(): iterable
    {
        yield 'no name' => [['name' => ''], '/name'];
        yield 'no e-mail address' => [['email' => 'quay at shop'], '/email'];
        yield 'letters as a number' => [['phone' => 'ring me'], '/phone'];
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('badCustomers')]
    public function testACustomerThatCantBeReachedIsRefused(array $change, string $pointer): void
    {
        $this->signIn('ines');
        self::assertSame([$pointer], self::pointers($this->call('POST', '/api/customers', ['name' => 'X', 'email' => null, 'phone' => null, ...$change])));
    }

    public function testTheListOfBoatsTurnsItsPagesByName(): void
    {
        $this->signIn('ada');
        $all = $this->call('GET', '/api/boats')->at('boats')->list();
        $name = static fn (Cursor $boat): string => $boat->at('name')->string();
        $after = '?after='.rawurlencode($name($all[5])).'&afterId='.$all[5]->at('boatId')->int(1, \PHP_INT_MAX);
        $rest = $this->call('GET', '/api/boats'.$after)->at('boats')->list();

        self::assertSame(array_map($name, $all), array_map($name, [...\array_slice($all, 0, 6), ...$rest]));
    }

    public function testNamesakesAreAllOnThePagesOnce(): void
    {
        $this->signIn('ines');
        $customer = $this->call(
            'POST',
            '/api/customers',
            ['name' => 'Sixty', 'email' => null, 'phone' => null],
        )->at('id')->int(1, \PHP_INT_MAX);
        for ($count = 0; $count < 60; ++$count) {
            $this->call(
                'POST',
                '/api/boats',
                [
                    'name' => 0 === $count % 2 ? 'Sea Breeze' : 'sea breeze',
                    'kind' => 'x',
                    'registration' => '',
                    'customerId' => $customer,
                    'use' => self::USE,
                ],
            );
        }
        $seen = [];
        $query = '';
        do {
            $page = $this->call('GET', '/api/boats'.$query);
            foreach ($page->at('boats')->list() as $boat) {
                $seen[] = $boat->at('boatId')->int(1, \PHP_INT_MAX);
                $query = '?after='.rawurlencode($boat->at('name')->string()).'&afterId='.$boat->at('boatId')->int(1, \PHP_INT_MAX);
            }
        } while (true === $page->at('more')->raw());

        self::assertSame([], array_diff_assoc($seen, array_unique($seen)), 'none twice');
        self::assertEquals($this->entities()->getConnection()->fetchOne('SELECT COUNT(*) FROM boat'), \count($seen), 'none left out');
    }

    private function engineOf(string $boat): int
    {
        return $this->call('GET', '/api/boats/'.$this->boatId($boat))->at('engines')->at(0)->at('id')->int(1, \PHP_INT_MAX);
    }

    private function addEngine(string $model, string $serial): Cursor
    {
        return $this->call('POST', '/api/engines', ['model' => $model, 'serial' => $serial, 'year' => null, 'gearcase' => null, 'inService' => '2024-02-29', 'warrantyUntil' => '2027-02-28', 'hasMeter' => true]);
    }

    private function fit(int $engine, int $boat, string $position, string $on = '2026-03-18', bool $swap = false): Cursor
    {
        return $this->call('PUT', "/api/engines/$engine/fitting", ['boatId' => $boat, 'position' => $position, 'on' => $on, 'swap' => $swap]);
    }

    private function takeOff(int $engine, string $on): Cursor
    {
        return $this->call('POST', "/api/engines/$engine/taking-off", ['on' => $on]);
    }

    /** @return list<string> */
    private function found(string $kind, string $text, string $key = 'name'): array
    {
        return array_map(static fn (Cursor $each): string => $each->at($key)->string(), $this->call('GET', '/api/search?q='.rawurlencode($text))->at($kind)->list());
    }

    /** @return list<string> */
    private static function boatsOf(Cursor $log): array
    {
        return array_map(static fn (Cursor $fitting): string => $fitting->at('boat')->string(), $log->at('fittings')->list());
    }
}
