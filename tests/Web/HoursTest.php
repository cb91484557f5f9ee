<?php

declare(strict_types=1);

namespace FreshTack\Tests\Web;

use FreshTack\Core\Reading\Cursor;
use PHPUnit\Framework\Attributes\DataProvider;

/** Readings, what was done elsewhere, what was declined: all that moves the clocks. The day is 18 March 2026. */
final class HoursTest extends ApiTestCase
{
    public function testAReadingMovesWhatIsDueAtOnceEverywhere(): void
    {
        $this->signIn('ada');
        $engine = $this->engineOf('Mudlark');
        // oil every 120 h, last at 540.9 h
        self::assertSame('not_due', $this->due('Mudlark', 'engine_oil')->at('state')->raw());
        $this->read($engine, '661.0', sure: true);
        self::assertSame(201, $this->status);

        self::assertSame(['due', '-0.1'], [$this->due('Mudlark', 'engine_oil')->at('state')->raw(), $this->due('Mudlark', 'engine_oil')->at('hoursLeft')->raw()]);
        $pressing = array_map(static fn (Cursor $line): string => $line->at('boat')->at('name')->string(), $this->call('GET', '/api/dues?which=now')->at('engines')->list());
        self::assertContains('Mudlark', $pressing);
    }

    /** @return iterable<string, array{string, string, string, string}> day, hours, key, pointer */
    public static function doubtful(): iterable
    {
        yield 'less than before' => ['2026-03-18', '582.9', 'reading.lower', '/hours'];
        yield 'tomorrow' => ['2026-03-19', '590', 'reading.future', '/on'];
        yield 'before the day in service' => ['2020-02-29', '1', 'reading.before_in_service', '/on'];
        // 20 days since 26 Feb
        yield 'more than there are hours' => ['2026-03-18', '1100', 'reading.too_fast', '/hours'];
        yield 'an earlier day with a later figure' => ['2026-02-20', '590', 'reading.above_later', '/hours'];
    }

    #[DataProvider('doubtful')]
    public function testAReadingInDoubtIsAskedAboutAndNotKept(string $on, string $hours, string $key, string $pointer): void
    {
        $this->signIn('ines');
        $engine = $this->engineOf('Mudlark');
        $problem = $this->read($engine, $hours, $on);

        self::assertSame([422, 'urn:fresh-tack:'.$key, [$pointer]], [$this->status, $problem->at('type')->raw(), self::pointers($problem)]);
        self::assertSame('reading.too_fast' === $key, $problem->at('canBeConfirmed')->raw());
        self::assertCount(5, $this->call('GET', "/api/engines/$engine/log")->at('readings')->list());
    }

    public function testOnlyItsSizeCanBeConfirmed(): void
    {
        $this->signIn('ines');
        $engine = $this->engineOf('Mudlark');
        $this->read($engine, '582.9', sure: true);
        self::assertSame(422, $this->status, 'lower stays lower');
        $this->read($engine, '1100', sure: true);
        self::assertSame(201, $this->status);
    }

    public function testANewMeterKeepsTheTrueTotalThroughAWholeOrder(): void
    {
        $this->signIn('ines');
        $engine = $this->engineOf('Mudlark');
        $body = ['on' => '2026-03-18', 'hours' => '3.5', 'estimate' => false, 'sure' => false];
        $problem = $this->call('POST', "/api/engines/$engine/readings", [...$body, 'newMeter' => ['oldEnd' => '580', 'newStart' => '0']]);
        self::assertSame(['/newMeter/oldEnd'], self::pointers($problem), 'the old one showed 583.0 already');
        $problem = $this->call('POST', "/api/engines/$engine/readings", [...$body, 'newMeter' => ['oldEnd' => '600', 'newStart' => '4']]);
        self::assertSame(['/newMeter/newStart'], self::pointers($problem));
        $reading = $this->call('POST', "/api/engines/$engine/readings", [...$body, 'newMeter' => ['oldEnd' => '600', 'newStart' => '0']]);
        self::assertSame(['3.5', '603.5'], [$reading->at('hours')->raw(), $reading->at('total')->raw()]);

        // the limit is at 660.9 h in all: at 60.9 h on the new meter
        $due = $this->due('Mudlark', 'engine_oil');
        self::assertSame(['60.9', '57.4'], [$due->at('dueHours')->raw(), $due->at('hoursLeft')->raw()]);
        $page = $this->call('GET', '/api/boats/'.$this->boatId('Mudlark'))->at('engines')->at(0);
        self::assertSame(['3.5', '603.5'], [$page->at('hours')->raw(), $page->at('totalHours')->raw()]);

        // a check-in at 5.0 h is right now, and what is done then is written down at 605.0 h
        $file = $this->call('POST', '/api/boats/'.$this->boatId('Mudlark').'/check-ins', $this->draftFor('Mudlark', [['hours' => '5.0']]));
        self::assertSame(201, $this->status);
        self::assertSame('5.0', $this->call('GET', '/api/orders/'.$file->at('number')->int(1, \PHP_INT_MAX))->at('engines')->at(0)->at('hours')->raw());
        $this->call('POST', "/api/engines/$engine/services", ['task' => 'engine_oil', 'action' => null, 'on' => '2026-03-18', 'hours' => '5.0', 'evidence' => 'order 9']);
        $done = $this->call('GET', "/api/engines/$engine/log")->at('done')->list();
        self::assertSame('605.0', $done[\count($done) - 1]->at('hours')->raw());
        self::assertSame('125.0', $this->due('Mudlark', 'engine_oil')->at('dueHours')->raw());
    }

    public function testACheckInAsksAboutAReadingToo(): void
    {
        $this->signIn('ines');
        $problem = $this->call('POST', '/api/boats/'.$this->boatId('Mudlark').'/check-ins', $this->draftFor('Mudlark', [['hours' => '58.3']]));

        self::assertSame(['/engines/0/hours'], self::pointers($problem));
        self::assertStringContainsString('if a new meter was fitted, say so', $problem->at('detail')->string());
        $this->read($this->engineOf('Mudlark'), '1100', sure: true);
        $this->call('POST', '/api/boats/'.$this->boatId('Mudlark').'/check-ins', $this->draftFor('Mudlark', [['hours' => '1100']]));
        self::assertSame(201, $this->status, 'said to be right a moment ago, by itself');
        self::assertCount(6, $this->call('GET', '/api/engines/'.$this->engineOf('Mudlark').'/log')->at('readings')->list(), 'and kept once');
    }

    public function testAnEngineWithoutMeterKeepsAnEstimateAsOne(): void
    {
        $this->signIn('ines');
        $engine = $this->engineOf('Cox\'s Echo');
        $problem = $this->read($engine, '120');
        self::assertSame(['/hours'], self::pointers($problem));
        $reading = $this->call('POST', "/api/engines/$engine/readings", ['on' => '2026-03-18', 'hours' => '120', 'estimate' => true, 'sure' => false, 'newMeter' => null]);

        self::assertSame('estimate', $reading->at('source')->raw());
        self::assertSame([null, null], [$this->due('Cox\'s Echo', 'engine_oil')->at('hoursLeft')->raw(), $this->due('Cox\'s Echo', 'engine_oil')->at('forecast')->raw()]);
    }

    public function testWorkDoneElsewhereResetsItsOwnClockOnly(): void
    {
        $this->signIn('ines');
        $engine = $this->engineOf('Old Pennant');
        self::assertSame('overdue', $this->due('Old Pennant', 'gear_lubricant')->at('state')->raw());
        $this->call('POST', "/api/engines/$engine/services", ['task' => 'gear_lubricant', 'action' => null, 'on' => '2026-01-31', 'hours' => null, 'evidence' => 'Alder Creek Boatyard, invoice 412']);
        self::assertSame(204, $this->status);

        self::assertSame(['not_due', 'overdue'], [$this->due('Old Pennant', 'gear_lubricant')->at('state')->raw(), $this->due('Old Pennant', 'engine_oil')->at('state')->raw()]);
        $done = $this->call('GET', "/api/engines/$engine/log")->at('done')->list();
        self::assertSame([true, 'Alder Creek Boatyard, invoice 412', null], [$done[\count($done) - 1]->at('elsewhere')->raw(), $done[\count($done) - 1]->at('evidence')->raw(), $done[\count($done) - 1]->at('hours')->raw()]);
    }

    /** @return iterable<string, array{array<string, mixed>, list<string>}> */
    public static function badServices(): iterable
    {
        yield 'tomorrow' => [['on' => '2026-03-19'], ['/on']];
        yield 'before it went into service' => [['on' => '2019-03-19'], ['/on']];
        yield 'at hours that came later' => [['on' => '2025-01-01', 'hours' => '999'], ['/hours']];
        yield 'at hours that were past' => [['on' => '2025-01-01', 'hours' => '3'], ['/hours']];
        yield 'without anything that shows it' => [['evidence' => ''], ['/evidence']];
    }

    /**
     * @param array<string, mixed> $change
     * @param list<string>         $pointers
     */
    #[DataProvider('badServices')]
    public function testWorkThatCantHaveBeenDoneIsRefused(array $change, array $pointers): void
    {
        $this->signIn('ines');
        $problem = $this->call('POST', '/api/engines/'.$this->engineOf('Old Pennant').'/services', ['task' => 'engine_oil', 'action' => null, 'on' => '2026-03-01', 'hours' => null, 'evidence' => 'stamped book', ...$change]);

        self::assertSame($pointers, self::pointers($problem));
    }

    public function testADeclinedTaskStaysDueWithItsDate(): void
    {
        $this->signIn('ines');
        $this->call('POST', '/api/engines/'.$this->engineOf('Old Pennant').'/refusals', ['task' => 'oil_filter', 'on' => '2026-03-18', 'note' => 'Too dear.']);
        self::assertSame(204, $this->status);
        $due = $this->due('Old Pennant', 'oil_filter');

        self::assertSame(['overdue', '2026-03-18', 'Too dear.'], [$due->at('state')->raw(), $due->at('declined')->at('on')->raw(), $due->at('declined')->at('note')->raw()]);
    }

    public function testManyReadingsComeFromAFileOrNone(): void
    {
        $this->signIn('ines');
        $csv = "serial,date,hours\nD65-5201,2026-03-10,588.0\nKM2-7001,2026-03-10,105.5\nKM2-7001,2026-02-16,104.0\n";
        $preview = $this->upload('/api/hours/imports', $csv, 'text/csv');
        self::assertSame([2, 1], [$preview->at('new')->raw(), $preview->at('same')->raw()], 'one is known already');
        self::assertCount(5, $this->call('GET', '/api/engines/'.$this->engineOf('Mudlark').'/log')->at('readings')->list(), 'nothing was kept yet');
        $this->upload('/api/hours/imports?apply=1', $csv, 'text/csv');
        self::assertSame(200, $this->status);
        self::assertSame('588.0', $this->call('GET', '/api/boats/'.$this->boatId('Mudlark'))->at('engines')->at(0)->at('hours')->raw());

        $problem = $this->upload('/api/hours/imports?apply=1', "serial,date,hours\nD65-5201,2026-03-11,1.0\nXX-1,2026-03-11,1.0\nKM2-7001,2026-03-19,200\nD65-5201,2026-03-12,589.0\n", 'text/csv');
        self::assertSame(['/rows/2', '/rows/3', '/rows/4'], self::sorted(self::pointers($problem)));
        self::assertCount(6, $this->call('GET', '/api/engines/'.$this->engineOf('Mudlark').'/log')->at('readings')->list(), 'all or none');
    }

    public function testTheRateAndTheForecastSayHowSureTheyAre(): void
    {
        $this->signIn('ines');
        $sure = $this->call('GET', '/api/boats/'.$this->boatId('Mudlark'))->at('engines')->at(0);
        self::assertFalse($sure->at('rate')->at('thin')->raw());
        $forecast = $this->due('Mudlark', 'engine_oil')->at('forecast');
        self::assertTrue($forecast->at('earliest')->string() <= $forecast->at('likely')->string() && $forecast->at('likely')->string() <= $forecast->at('latest')->string());

        $thin = $this->call('GET', '/api/boats/'.$this->boatId('Verrin Warden'))->at('engines')->at(0);
        self::assertTrue($thin->at('rate')->at('thin')->raw());
    }

    private function due(string $boat, string $task): Cursor
    {
        return array_values(array_filter($this->call('GET', '/api/boats/'.$this->boatId($boat))->at('engines')->at(0)->at('dues')->list(), static fn (Cursor $due): bool => $task === $due->at('task')->raw()))[0];
    }

    private function engineOf(string $boat): int
    {
        return $this->call('GET', '/api/boats/'.$this->boatId($boat))->at('engines')->at(0)->at('id')->int(1, \PHP_INT_MAX);
    }

    private function read(int $engine, string $hours, string $on = '2026-03-18', bool $sure = false): Cursor
    {
        return $this->call('POST', "/api/engines/$engine/readings", ['on' => $on, 'hours' => $hours, 'estimate' => false, 'sure' => $sure, 'newMeter' => null]);
    }

    /**
     * @param list<string> $pointers
     *
     * @return list<string>
     */
    private static function sorted(array $pointers): array
    {
        sort($pointers);

        return $pointers;
    }
}
