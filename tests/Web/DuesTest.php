<?php

declare(strict_types=1);

namespace FreshTack\Tests\Web;

use Doctrine\DBAL\Connection;
use FreshTack\Core\Reading\Cursor;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\Property;
use Sabre\VObject\Reader;

/** The kept days: right after every change, honest in between; and what goes out of them to calendars and owners. */
final class DuesTest extends ApiTestCase
{
    public function testTheCountsAreThoseOfTheEngines(): void
    {
        $this->signIn('ines');
        self::assertSame($this->counted(), $this->kept(), 'after the demo was loaded');
        $this->call('POST', '/api/engines/'.$this->engineOf('Mudlark').'/readings', ['on' => '2026-03-18', 'hours' => '700', 'estimate' => false, 'sure' => true, 'newMeter' => null]);
        self::assertSame($this->counted(), $this->kept(), 'after a reading');
        $this->call('POST', '/api/engines/'.$this->engineOf('Mudlark').'/taking-off', ['on' => '2026-03-18']);
        self::assertSame($this->counted(), $this->kept(), 'after an engine went into store');
        $this->call('PUT', '/api/engines/'.$this->engineOf('Old Pennant').'/fitting', ['boatId' => $this->boatId('Mudlark'), 'position' => 'single', 'on' => '2026-03-18', 'swap' => false]);
        self::assertSame($this->counted(), $this->kept(), 'after an engine moved');
    }

    public function testThePolicyMovesTheStatesOfAllEngines(): void
    {
        $this->signIn('mora');
        $policy = $this->call('GET', '/api/policy/due');
        $before = $this->states();
        $wide = ['windowHours' => '400', 'windowDays' => 365, 'graceHours' => '0', 'graceDays' => 0, 'useByMonth' => $policy->at('useByMonth')->raw(), 'version' => $policy->at('version')->raw()];
        $this->call('PUT', '/api/policy/due', $wide);
        self::assertSame(200, $this->status);

        self::assertSame(0, $this->call('GET', '/api/board')->at('dues')->at('stale')->raw());
        self::assertNotSame($before, $this->states());
        self::assertSame($this->counted(), $this->kept());
        $this->call('PUT', '/api/policy/due', $wide);
        self::assertSame(409, $this->status, 'changed meanwhile');
        self::assertSame(['/useByMonth'], self::pointers($this->call('PUT', '/api/policy/due', [...$wide, 'useByMonth' => array_fill(0, 12, 0)])));
        self::assertSame(['/graceHours'], self::pointers($this->call('PUT', '/api/policy/due', [...$wide, 'graceHours' => 'some'])));
    }

    public function testASheetThatIsWithdrawnTakesItsEnginesOffTheBoard(): void
    {
        $this->signIn('mora');
        self::assertContains('Old Pennant', $this->pressing());
        $sheet = $this->call('GET', '/api/book/sheets/dunmarrow-d65/5');
        $this->call('POST', '/api/book/sheets/dunmarrow-d65/5/status', ['version' => $sheet->at('version')->raw(), 'to' => 'withdrawn', 'reason' => 'A figure is wrong.']);
        self::assertSame(200, $this->status);

        self::assertNotContains('Old Pennant', $this->pressing());
        self::assertSame($this->counted(), $this->kept());
    }

    public function testWhileDaysAreOldTheBoardSaysSo(): void
    {
        $this->signIn('ines');
        $this->connection()->executeStatement('INSERT INTO due_stale (engine_id) SELECT id FROM engine WHERE boat_id IS NOT NULL LIMIT 3');

        self::assertSame(3, $this->call('GET', '/api/board')->at('dues')->at('stale')->raw());
    }

    public function testTheListsTurnTheirPagesAndKnowTheirDays(): void
    {
        $this->signIn('ada');
        $now = $this->call('GET', '/api/dues?which=now')->at('engines')->list();
        $rest = $this->call('GET', '/api/dues?which=now&skip=2')->at('engines')->list();
        self::assertSame(array_map(static fn (Cursor $line): mixed => $line->raw(), \array_slice($now, 2)), array_map(static fn (Cursor $line): mixed => $line->raw(), $rest));
        foreach ($this->call('GET', '/api/dues?which=expected&from=2026-03-19&to=2026-12-31')->at('engines')->list() as $line) {
            self::assertTrue($line->at('expectedOn')->string() >= '2026-03-19' && $line->at('expectedOn')->string() <= '2026-12-31');
        }
        self::assertContains('Low Water', array_map(static fn (Cursor $line): string => $line->at('boat')->at('name')->string(), $this->call('GET', '/api/dues?which=no_record')->at('engines')->list()));
        foreach (['which=sometime', 'which=expected', 'which=expected&to=2026-02-30'] as $query) {
            $this->call('GET', '/api/dues?'.$query);
            self::assertSame(400, $this->status, $query);
        }
    }

    public function testACalendarIsValidKeepsItsNamesAndMovesItsEntries(): void
    {
        $this->signIn('ines');
        $boat = $this->boatId('Mudlark');
        $token = $this->call('POST', "/api/boats/$boat/calendar")->at('token')->string();
        $before = $this->calendar($token);
        self::assertSame([], $before->validate());
        $oil = $this->event($before, 'engine_oil');
        $this->call('POST', '/api/engines/'.$this->engineOf('Mudlark').'/services', ['task' => 'engine_oil', 'action' => null, 'on' => '2026-03-18', 'hours' => null, 'evidence' => 'stamped book']);
        $this->signIn('ines');
        $after = $this->calendar($token);
        $moved = $this->event($after, 'engine_oil');

        self::assertCount(\count($before->select('VEVENT')), $after->select('VEVENT'), 'moved, not added');
        self::assertNotSame($oil['day'], $moved['day']);
        self::assertSame(1, $moved['sequence'] - $oil['sequence']);
        self::assertSame($this->event($before, 'thermostats'), $this->event($after, 'thermostats'), 'the others stay as they are');
    }

    public function testANewAddressEndsTheOldOneAndNoAddressIsGuessed(): void
    {
        $this->signIn('ines');
        $old = $this->call('POST', '/api/calendar')->at('token')->string();
        $new = $this->call('POST', '/api/calendar')->at('token')->string();
        self::assertSame($new, $this->call('GET', '/api/calendar')->at('token')->raw());
        $this->call('GET', "/calendar/$old.ics");
        self::assertSame(404, $this->status);
        $this->call('GET', '/calendar/'.str_repeat('A', 43).'.ics');
        self::assertSame(404, $this->status);
        $this->calendar($new);
    }

    public function testAnOwnerIsRemindedOnceTheCounterHasReadIt(): void
    {
        $this->signIn('ines');
        $boat = $this->boatId('Old Pennant');
        $proposed = $this->call('GET', "/api/boats/$boat/reminder");
        self::assertStringContainsString('Engine oil. By hours:', $proposed->at('body')->string());
        $message = $this->call('POST', "/api/boats/$boat/reminder", ['channel' => 'email', 'subject' => $proposed->at('subject')->string(), 'body' => $proposed->at('body')->string()]);
        self::assertSame([201, 'sheds@oysters.verrin.example', null], [$this->status, $message->at('recipient')->raw(), $message->at('failure')->raw()]);

        self::assertSame($message->raw(), $this->call('GET', '/api/outbox')->at('messages')->at(0)->raw());
        $files = glob(getenv('FRESH_TACK_DATA_DIR').'/outbox/*.eml');
        self::assertNotSame([], false === $files ? [] : $files);
        self::assertSame($message->raw(), $this->call('GET', "/api/boats/$boat")->at('messages')->at(0)->raw());
    }

    public function testAnOwnerWhoCantBeReachedThatWayIsTold(): void
    {
        $this->signIn('ines');
        $problem = $this->call('POST', '/api/boats/'.$this->boatId('Meridian Heron').'/reminder', ['channel' => 'text', 'subject' => 'x', 'body' => 'x']);

        self::assertSame(['/channel'], self::pointers($problem));
        self::assertStringContainsString('has no telephone number in the register', $problem->at('detail')->string());
    }

    public function testAShopThatLooksEarlyInSaltOffersTheInnerAnodesFirst(): void
    {
        $this->signIn('mora');
        $this->call(
            'PUT',
            '/api/policy/schools',
            [
                'answers' => $this->answers(['internal_anodes' => 'early_in_salt']),
                'version' => $this->call('GET', '/api/policy/schools')->at('version')->raw(),
            ],
        );
        $this->signIn('ines');
        $draft = $this->draftFor('Mudlark', [['hours' => '590', 'tasks' => ['engine_oil']]]);
        $number = $this->call('POST', '/api/boats/'.$this->boatId('Mudlark').'/check-ins', $draft)->at('number')->int(1, \PHP_INT_MAX);

        self::assertSame('internal_anodes', $this->call('POST', "/api/orders/$number/offers", $draft)->at('offers')->at(0)->at('task')->raw());
    }

    public function testWhileTheEnginesAreOpenMoreIsOfferedAndNothingAdded(): void
    {
        $this->signIn('ines');
        $draft = $this->draftFor('Mudlark', [['hours' => '590', 'tasks' => ['engine_oil']]]);
        $number = $this->call('POST', '/api/boats/'.$this->boatId('Mudlark').'/check-ins', $draft)->at('number')->int(1, \PHP_INT_MAX);
        $offers = $this->call('POST', "/api/orders/$number/offers", $draft)->at('offers')->list();

        self::assertSame('oil_filter', $offers[0]->at('task')->string(), 'of those that come due first the one that saves most');
        foreach ($offers as $offer) {
            self::assertLessThan($offer->at('aloneMin')->int(1, 1000), $offer->at('nowMin')->int(1, 1000), $offer->at('task')->string());
        }
        self::assertSame(['engine_oil'], $this->call('GET', "/api/orders/$number")->at('draft')->at('engines')->at(0)->at('tasks')->raw());
    }

    /** @return list<array<string, mixed>> counts by kind and day, as they follow from the engines */
    private function counted(): array
    {
        return $this->connection()->fetchAllAssociative("SELECT kind, day, COUNT(*) AS engines FROM (SELECT 'due' AS kind, due_on AS day FROM engine_due UNION ALL SELECT 'expected', expected_on FROM engine_due UNION ALL SELECT 'no_record', no_record_on FROM engine_due) all_days WHERE day IS NOT NULL GROUP BY kind, day ORDER BY kind, day");
    }

    /** @return list<array<string, mixed>> */
    private function kept(): array
    {
        return $this->connection()->fetchAllAssociative('SELECT kind, day, engines FROM due_day WHERE engines <> 0 ORDER BY kind, day');
    }

    /** @return list<mixed> */
    private function states(): array
    {
        return array_map(static fn (Cursor $line): mixed => $line->at('tasks')->raw(), $this->call('GET', '/api/dues?which=now')->at('engines')->list());
    }

    /** @return list<string> */
    private function pressing(): array
    {
        return array_map(static fn (Cursor $line): string => $line->at('boat')->at('name')->string(), $this->call('GET', '/api/dues?which=now')->at('engines')->list());
    }

    private function calendar(string $token): VCalendar
    {
        $this->client->request('GET', "/calendar/$token.ics");
        self::assertSame(200, $this->client->getResponse()->getStatusCode());
        $calendar = Reader::read((string) $this->client->getResponse()->getContent());
        self::assertInstanceOf(VCalendar::class, $calendar);

        return $calendar;
    }

    /** @return array{day: string, sequence: int} */
    private function event(VCalendar $calendar, string $task): array
    {
        foreach ($calendar->select('VEVENT') as $event) {
            self::assertInstanceOf(VEvent::class, $event);
            if (str_ends_with(self::property($event, 'UID'), "-$task@fresh-tack")) {
                return ['day' => self::property($event, 'DTSTART'), 'sequence' => (int) self::property($event, 'SEQUENCE')];
            }
        }
        self::fail("no entry for $task");
    }

    private static function property(VEvent $event, string $name): string
    {
        $property = $event->select($name)[0] ?? null;
        self::assertInstanceOf(Property::class, $property);

        return (string) $property;
    }

    private function engineOf(string $boat): int
    {
        return $this->call('GET', '/api/boats/'.$this->boatId($boat))->at('engines')->at(0)->at('id')->int(1, \PHP_INT_MAX);
    }

    private function connection(): Connection
    {
        return $this->entities()->getConnection();
    }
}
