<?php

declare(strict_types=1);

namespace FreshTack\Tests\Web;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\DriverManager;
use Doctrine\DBAL\Tools\DsnParser;
use FreshTack\Console\VerifyRecordCommand;
use FreshTack\Storage\Chain\ChainName;
use FreshTack\Storage\Chain\ChainRows;
use FreshTack\Storage\Chain\Seal;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Tester\CommandTester;

/**
 * What was written for good is held against its seals. The application's own account can't change these rows; for these
 * tests it gets the right to, as somebody would have who has the database in their hands.
 */
final class SealTest extends ApiTestCase
{
    private const KEY = 'only-for-the-tests';
    private const WRITTEN_FOR_GOOD = ['bench_entry', 'task_done', 'audit_entry'];

    public static function setUpBeforeClass(): void
    {
        foreach (self::WRITTEN_FOR_GOOD as $table) {
            self::owner()->executeStatement("GRANT UPDATE, DELETE ON $table TO 'fresh_tack_test_app'@'127.0.0.1'");
        }
    }

    public static function tearDownAfterClass(): void
    {
        foreach (self::WRITTEN_FOR_GOOD as $table) {
            self::owner()->executeStatement("REVOKE UPDATE, DELETE ON $table FROM 'fresh_tack_test_app'@'127.0.0.1'");
        }
    }

    /** @return iterable<string, array{string, string}> a statement on order N, and what is told of it */
    public static function changes(): iterable
    {
        yield 'an entry says something else' => [
            "UPDATE bench_entry SET value = REPLACE(value, '4900', '4.4') WHERE work_order_id = N AND kind = 'poured'",
            'entry',
        ];
        yield 'an entry is by somebody else' => [
            "UPDATE bench_entry SET account = 'bram' WHERE work_order_id = N ORDER BY sequence LIMIT 1",
            'entry 1 is not what was written',
        ];
        yield 'an entry is gone' => [
            'DELETE FROM bench_entry WHERE work_order_id = N ORDER BY sequence LIMIT 1',
            'entry 1 is not what was written',
        ];
        yield 'the last entries are gone' => [
            'DELETE FROM bench_entry WHERE work_order_id = N ORDER BY sequence DESC LIMIT 2',
            'the record is not what was written',
        ];
        yield 'an entry was put between' => [
            'INSERT INTO bench_entry (uuid, work_order_id, step_id, kind, value, account, received_at, device_sequence, seal)
             SELECT UUID(), N, step_id, kind, value, account, received_at, device_sequence, seal
             FROM bench_entry WHERE work_order_id = N LIMIT 1',
            'is not what was written',
        ];
        yield 'the frozen order' => [
            "UPDATE work_order SET document = REPLACE(document, '4900', '6.4') WHERE number = N",
            'the issued order is not what was written',
        ];
        yield 'the record' => [
            "UPDATE work_order SET record = REPLACE(record, 'All well', 'All very well') WHERE number = N",
            'the record is not what was written',
        ];
        yield 'the record is gone' => ['UPDATE work_order SET record = NULL WHERE number = N', 'the record is not what was written'];
        yield 'the record and the end' => [
            "UPDATE work_order, chain_head SET document = NULL, record = NULL, chain_head.links = 0 WHERE number = N AND name = 'order N'",
            'the issued order is not what was written',
        ];
        yield 'the end of the chain' => ["UPDATE chain_head SET links = links - 1 WHERE name = 'order N'", 'lines are there'];
    }

    #[DataProvider('changes')]
    public function testWhatWasChangedBehindTheProgramsBackIsNoRecord(string $statement, string $told): void
    {
        $number = $this->releasedTwin();
        $rows = $this->changed((string) preg_replace('/\bN\b/', (string) $number, $statement));
        self::assertGreaterThan(0, $rows);

        $flaw = $this->rows()->flawOf(ChainName::ofOrder($number));
        self::assertStringContainsString($told, (string) $flaw);
        $problem = $this->call('GET', "/api/orders/$number/record");
        self::assertSame(409, $this->status);
        if (!str_contains($statement, 'record = NULL')) {
            self::assertSame('urn:fresh-tack:seal.broken', $problem->at('type')->raw());
            $this->client->request('GET', "/api/orders/$number/record.pdf");
            self::assertSame(409, $this->client->getResponse()->getStatusCode(), 'nor is it printed as one');
        }
        self::assertNotNull($this->call('GET', "/api/orders/$number")->at('flaw')->raw());
    }

    public function testWhatNobodyTouchedFitsAndPrintsItsSeal(): void
    {
        $number = $this->releasedTwin();
        $record = $this->call('GET', "/api/orders/$number/record");

        self::assertMatchesRegularExpression('/^([0-9a-f]{4} ){3}[0-9a-f]{4}$/', $record->at('seal')->string());
        self::assertNull($this->call('GET', "/api/orders/$number")->at('flaw')->raw());
        foreach ($this->rows()->all() as $chain) {
            self::assertNull($this->rows()->flawOf($chain), $chain->text);
        }
    }

    public function testAnotherKeyMakesOtherSeals(): void
    {
        $number = $this->releasedTwin();
        $rows = new ChainRows($this->entities()->getConnection(), new Seal('the key of another shop'));

        self::assertSame('the issued order is not what was written', $rows->flawOf(ChainName::ofOrder($number)));
    }

    public function testWhatWasDoneToAnEngineAndWhoDidWhatAreHeldToo(): void
    {
        $number = $this->releasedTwin();
        $this->changed("UPDATE task_done SET done_on = '2026-03-17' WHERE evidence = 'order $number' LIMIT 1");
        $this->changed("UPDATE audit_entry SET account = 'bram' WHERE subject = 'order $number' AND action = 'order.released'");
        $engine = $this->entities()->getConnection()->fetchOne(
            "SELECT engine_id FROM task_done WHERE evidence = 'order $number' AND done_on = '2026-03-17'",
        );

        self::assertNotNull($this->rows()->flawOf(ChainName::ofEngine(is_numeric($engine) ? (int) $engine : 0)));
        self::assertNotNull($this->rows()->flawOf(ChainName::written("trail order $number")));
        $flaws = $this->call('GET', '/api/engines/'.(is_numeric($engine) ? (int) $engine : 0).'/log')->at('flaws')->strings();
        self::assertCount(1, $flaws);
    }

    public function testNoRecordIsWrittenFromWhatWasChanged(): void
    {
        $bench = $this->workedTwin();
        $number = $bench->at('order')->at('number')->int(1, \PHP_INT_MAX);
        $this->changed("UPDATE bench_entry SET account = 'bram' WHERE work_order_id = $number ORDER BY sequence LIMIT 1");
        $problem = $this->call(
            'POST',
            "/api/orders/$number/release",
            ['version' => $bench->at('order')->at('version')->raw(), 'remark' => ''],
        );

        self::assertSame([409, 'urn:fresh-tack:seal.broken'], [$this->status, $problem->at('type')->raw()]);
        self::assertSame('in_work', $this->call('GET', "/api/orders/$number")->at('order')->at('status')->raw());
    }

    public function testOneOrderIsHeldAgainstItsSealsAndOneThatIsNotThereIsNot(): void
    {
        $number = $this->releasedTwin();
        $verify = new CommandTester(new VerifyRecordCommand($this->rows()));

        self::assertSame(Command::SUCCESS, $verify->execute(['order' => (string) $number]));
        self::assertSame("2 of 2 chains fit their seals\n", $verify->getDisplay());
        self::assertSame(Command::INVALID, $verify->execute(['order' => '999999'], ['capture_stderr_separately' => true]));
        self::assertStringContainsString('There is no order 999999.', $verify->getErrorOutput());
    }

    public function testAnOrderThatIsMadeAnewBeforeWorkBeginsFits(): void
    {
        $this->signIn('ines');
        $file = $this->call(
            'POST',
            '/api/boats/'.$this->boatId('Grey Oyster').'/check-ins',
            $this->draftFor('Grey Oyster', [['hours' => '900', 'tasks' => ['engine_oil', 'oil_filter']]]),
        );
        $number = $file->at('number')->int(1, \PHP_INT_MAX);
        $this->call('POST', "/api/orders/$number/issue", ['version' => $file->at('version')->raw()]);
        $this->signIn('mora');
        foreach (['reviewed', 'published'] as $to) {
            $this->call(
                'POST',
                '/api/book/sheets/dunmarrow-d65/6/status',
                ['version' => $this->call('GET', '/api/book/sheets/dunmarrow-d65/6')->at('version')->raw(), 'to' => $to],
            );
        }
        $this->call(
            'POST',
            '/api/flags/'.$this->call('GET', '/api/book')->at('flags')->at(0)->at('id')->int(1, \PHP_INT_MAX).'/decision',
            ['renew' => true, 'reason' => 'Bulletin.'],
        );

        self::assertSame(204, $this->status);
        self::assertNull($this->rows()->flawOf(ChainName::ofOrder($number)));
    }

    private function changed(string $sql): int|string
    {
        return $this->entities()->getConnection()->executeStatement($sql);
    }

    private static function owner(): Connection
    {
        $url = str_replace('fresh_tack_test_app:app@', 'fresh_tack_test_owner:owner@', (string) getenv('DATABASE_URL'));

        return DriverManager::getConnection((new DsnParser(['mysql' => 'pdo_mysql']))->parse($url));
    }

    private function rows(): ChainRows
    {
        return new ChainRows($this->entities()->getConnection(), new Seal(self::KEY));
    }
}
