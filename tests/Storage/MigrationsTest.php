<?php

declare(strict_types=1);

namespace FreshTack\Tests\Storage;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\DriverManager;
use Doctrine\DBAL\Schema\Table;
use Doctrine\DBAL\Tools\DsnParser;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Exchange\Json;
use FreshTack\Storage\Chain\ChainName;
use FreshTack\Storage\Chain\ChainRows;
use FreshTack\Storage\Chain\Seal;
use FreshTack\Storage\Upkeep\AppRights;
use FreshTack\Storage\Upkeep\TableSums;
use PHPUnit\Framework\TestCase;

/** From an empty database to the tables that the entities expect. */
final class MigrationsTest extends TestCase
{
    protected function setUp(): void
    {
        self::database()->executeStatement('DROP DATABASE fresh_tack_empty');
        self::database(false)->executeStatement('CREATE DATABASE fresh_tack_empty CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci');
    }

    public function testGoesUpFromEmptyAndNeverDown(): void
    {
        self::migrate('latest');
        self::assertContains('work_order', self::tables());
        $before = TableSums::of(self::database());
        [$status, $output] = self::ran('migrations:migrate', 'first', '--no-interaction');

        self::assertNotSame(0, $status);
        self::assertStringContainsString('Restore the backup that was taken before the upgrade', preg_replace('/\s+/', ' ', $output) ?? '');
        self::assertSame($before, TableSums::of(self::database()));
    }

    public function testEveryTableIsListedAmongTheRightsOfTheApplication(): void
    {
        self::migrate('latest');

        self::assertSame([], (new AppRights(self::database()))->unlisted());
        self::assertSame([], array_values(array_diff(array_keys(AppRights::TABLES), [...self::tables(), 'migration_version'])));
        self::database()->executeStatement('CREATE TABLE stray (id INT)');
        self::assertSame(['stray'], (new AppRights(self::database()))->unlisted());
    }

    /** A book written before the second migration: its schedules did not say what is done, extraction was a yes or no. */
    public function testAFilledBookComesAlong(): void
    {
        self::migrate('FreshTack\Migrations\Version00010001FirstSlice');
        $old = ['author' => 'A', 'reviewer' => 'B', 'values' => ['drain.kind' => ['value' => 'valve', 'source' => 's', 'page' => '1'], 'drain.extractionAllowed' => ['value' => true, 'source' => 's', 'page' => '2'], 'schedule.engineOil' => ['first' => null, 'every' => ['hours' => '100', 'months' => null], 'source' => 's', 'page' => '3']]];
        self::database()->insert('spec_sheet', ['sheet_id' => 'old', 'revision' => 1, 'status' => 'published', 'maker' => 'Aldermoor', 'document' => Json::encode($old)]);
        self::database()->insert('part', ['number' => 'AB-1', 'description' => 'Seal', 'bin' => 'A1', 'in_stock' => 2, 'price_minor' => 95]);
        self::migrate('latest');
        $document = Cursor::over(Json::decode((string) self::text('SELECT document FROM spec_sheet')))->at('values');
        self::assertSame([['valve', 'extraction'], 'renew', true], [$document->at('drain.allowed')->at('values')->raw(), $document->at('schedule.engineOil')->at('action')->raw(), $document->at('drain.extractionAllowed')->isNull()]);
        self::assertSame(['A', 'not given 1'], [self::text('SELECT author FROM spec_sheet'), self::text("SELECT CONCAT(maker, ' ', pack_size) FROM part")]);
    }

    /** A shop written before the fourth migration: covers were effects, a torque wrench was a name. */
    public function testAFilledShopComesAlong(): void
    {
        self::migrate('FreshTack\Migrations\Version00010003Register');
        self::database()->insert('shop', ['id' => 1, 'document' => Json::encode(['name' => 'Quillon', 'torqueWrenches' => ['TW-2, 20–100 N·m', 'TW-3, 20–100 in·lb', 'the old one']]), 'version' => 1]);
        self::database()->insert('procedure_document', ['id' => 'visit', 'place' => 0, 'document' => '{"effects":["cowl_off"]}']);
        self::database()->insert('procedure_document', ['id' => 'our-own', 'place' => 1, 'document' => '{"effects":["oil_in"]}']);
        self::migrate('latest');
        $shop = Cursor::over(Json::decode((string) self::text('SELECT document FROM shop')));

        self::assertSame('Quillon', $shop->at('name')->raw());
        self::assertSame([['id' => 'TW-2', 'fullScale' => ['value' => '100', 'unit' => 'nm'], 'calibratedOn' => '2000-01-01'], ['id' => 'TW-3', 'fullScale' => ['value' => '100', 'unit' => 'in_lb'], 'calibratedOn' => '2000-01-01']], $shop->at('torqueWrenches')->raw());
        self::assertSame('our-own', self::text('SELECT GROUP_CONCAT(id) FROM procedure_document'));
    }

    /** A shop written before the fifteenth migration: which procedures are the program's is known by the trail alone. */
    public function testProceduresThatNobodyHasChangedAreTheProgramsFromThenOn(): void
    {
        self::migrate('FreshTack\Migrations\Version00010014Locked');
        foreach (['spark-plugs', 'our-own'] as $place => $id) {
            self::database()->insert('procedure_document', ['id' => $id, 'place' => $place, 'document' => '{"id": "'.$id.'"}']);
        }
        self::database()->insert('audit_entry', [
            'happened_at' => '2026-03-01 09:00:00', 'account' => 'mora', 'action' => 'procedure.added', 'subject' => 'procedure our-own',
            'detail' => '{}', 'seal' => str_repeat('0', 64),
        ]);
        self::migrate('latest');

        self::assertSame(hash('sha256', '{"id": "spark-plugs"}'), self::text("SELECT installed FROM procedure_document WHERE id = 'spark-plugs'"));
        self::assertNull(self::text("SELECT installed FROM procedure_document WHERE id = 'our-own'"));
    }

    /** A shop written before the seventh migration: names in capitals, several addresses of its calendar, rows without seals. */
    public function testATrailIsBegun(): void
    {
        self::migrate('FreshTack\Migrations\Version00010006Lanes');
        self::database()->insert(
            'account',
            ['username' => 'Mora', 'name' => 'Mora Ostrander', 'role' => 'manager', 'password_hash' => 'x'],
        );
        foreach (['2026-01-01' => 'older', '2026-02-01' => 'newest', '2025-12-01' => 'oldest'] as $day => $token) {
            self::database()->insert('calendar_feed', ['token' => $token, 'boat_id' => null, 'made_at' => $day.' 09:00:00']);
        }
        foreach (['order.issued', 'order.released'] as $action) {
            self::database()->insert(
                'audit_entry',
                [
                    'happened_at' => '2026-01-01 09:00:00',
                    'account' => 'mora',
                    'action' => $action,
                    'subject' => 'order 2401',
                    'detail' => '{}',
                ],
            );
        }
        self::migrate('latest');

        self::assertSame('mora', self::text('SELECT username FROM account'));
        self::assertSame('newest 0', self::text("SELECT GROUP_CONCAT(token, ' ', boat_id) FROM calendar_feed"));
        $rows = new ChainRows(self::database(), new Seal('only-for-the-tests'));
        self::assertNull($rows->flawOf(ChainName::written('trail order 2401')));
        self::database()->executeStatement("UPDATE audit_entry SET account = 'teo' WHERE action = 'order.released'");
        self::assertSame('line 2 is not what was written', $rows->flawOf(ChainName::written('trail order 2401')));
    }

    /** A register written before the third migration: owners were a word, engines hung where they hung. */
    public function testAFilledRegisterComesAlong(): void
    {
        self::migrate('FreshTack\Migrations\Version00010002SpecBook');
        foreach ([1 => 'Brisk Tern', 2 => 'Brisk Gull'] as $id => $name) {
            self::database()->insert('boat', ['id' => $id, 'name' => $name, 'kind' => 'taxi', 'registration' => 'VI '.$id, 'customer' => 'Inlet Taxi', 'water' => 'salt', 'kept' => 'moored', 'commercial' => 1, 'months_used' => '5,6', 'version' => 1]);
            self::database()->insert('engine', ['id' => $id, 'boat_id' => $id, 'position' => 'single', 'model' => 'K165', 'serial' => 'KS4-1000'.$id, 'in_service' => '2024-02-29', 'has_meter' => 1, 'version' => 1]);
        }
        self::database()->insert('hour_reading', ['engine_id' => 1, 'read_on' => '2025-06-01', 'tenths' => 1234]);
        self::database()->insert('task_done', ['engine_id' => 1, 'task' => 'engine_oil', 'done_on' => '2025-06-01', 'tenths' => 1234, 'evidence' => 'order 7']);
        self::migrate('latest');

        self::assertSame('1 Inlet Taxi', self::text("SELECT CONCAT(COUNT(*), ' ', MAX(name)) FROM customer"), 'one owner of two boats');
        self::assertSame('2', self::text('SELECT CAST(COUNT(*) AS CHAR) FROM boat b JOIN customer c ON c.id = b.customer_id'));
        self::assertSame('2024-02-29 single', self::text("SELECT CONCAT(fitted_on, ' ', position) FROM fitting WHERE engine_id = 1 AND taken_off_on IS NULL"));
        self::assertSame('1234 0 counter', self::text("SELECT CONCAT(tenths, ' ', offset_tenths, ' ', source) FROM hour_reading"));
        self::assertSame('renew 0', self::text("SELECT CONCAT(action, ' ', elsewhere) FROM task_done"));
        self::assertSame('2', self::text('SELECT CAST(COUNT(*) AS CHAR) FROM due_stale'), 'to be worked out');
    }

    /**
     * A shop of the first version is brought along, killed after the first statement, then after the second, and so on;
     * each time it begins anew where it was. It comes to the same as without any of it.
     */
    public function testAnUpgradeThatIsKilledBetweenAnyTwoStatementsGoesOn(): void
    {
        self::shopOfTheFirstVersion();
        self::migrate('latest');
        $expected = self::content();
        $this->setUp();
        self::shopOfTheFirstVersion();
        $kills = 0;
        for ($at = 1, $versions = 1; $this->diesAt($at); $at = $done === $versions ? $at + 1 : 1, $versions = $done) {
            $done = self::number('SELECT COUNT(*) FROM migration_version');
            ++$kills;
        }

        self::assertGreaterThan(50, $kills, 'every statement was the last one once');
        self::assertSame($expected, self::content());
        self::assertSame([], $this->schemaChanges());
    }

    private function diesAt(int $statement): bool
    {
        $process = proc_open([\PHP_BINARY, \dirname(__DIR__).'/Support/migrate-and-die.php', self::url(), (string) $statement], [1 => ['pipe', 'w'], 2 => ['pipe', 'w']], $pipes);
        self::assertIsResource($process);
        $output = stream_get_contents($pipes[1]).stream_get_contents($pipes[2]);
        do {
            $status = proc_get_status($process);
        } while ($status['running']);
        proc_close($process);
        self::assertTrue($status['signaled'] || 0 === $status['exitcode'], $output);

        return $status['signaled'];
    }

    private static function shopOfTheFirstVersion(): void
    {
        self::migrate('FreshTack\Migrations\Version00010001FirstSlice');
        $sheet = ['author' => 'A', 'values' => ['schedule.engineOil' => ['first' => null, 'source' => 's', 'page' => '3']]];
        $shop = ['name' => 'Quillon', 'torqueWrenches' => ['TW-2, 20–100 N·m', 'TW-3, 20–100 in·lb']];
        $rows = [
            ['spec_sheet', ['sheet_id' => 'old', 'revision' => 1, 'status' => 'published', 'maker' => 'Dunmarrow', 'document' => Json::encode($sheet)]],
            ['sheet_range', ['sheet_id' => 1, 'model' => 'D65', 'prefix' => 'DM', 'serial_from' => 1, 'serial_to' => 9]],
            ['part', ['number' => 'AB-1', 'description' => 'Seal', 'bin' => 'A1', 'in_stock' => 2, 'price_minor' => 95]],
            ['shop', ['id' => 1, 'document' => Json::encode($shop), 'version' => 1]],
            ['procedure_document', ['id' => 'visit', 'place' => 0, 'document' => '{"effects":["cowl_off"]}']],
            ['procedure_document', ['id' => 'our-own', 'place' => 1, 'document' => '{"effects":["oil_in"]}']],
        ];
        foreach ([1 => 'Inlet Taxi', 2 => 'Inlet Taxi', 3 => 'Rowing Club'] as $id => $owner) {
            $rows[] = ['boat', ['id' => $id, 'name' => 'Boat '.$id, 'kind' => 'taxi', 'registration' => 'VI '.$id, 'customer' => $owner, 'water' => 'salt', 'kept' => 'moored', 'commercial' => 1, 'months_used' => '5', 'version' => 1]];
            $rows[] = ['engine', ['id' => $id, 'boat_id' => $id, 'position' => 'single', 'model' => 'K165', 'serial' => 'KS4-1000'.$id, 'in_service' => '2024-02-29', 'has_meter' => 1, 'version' => 1]];
            $rows[] = ['hour_reading', ['engine_id' => $id, 'read_on' => '2025-06-01', 'tenths' => 1234]];
            $rows[] = ['task_done', ['engine_id' => $id, 'task' => 'engine_oil', 'done_on' => '2025-06-01', 'tenths' => 1234, 'evidence' => 'order 7']];
            $rows[] = ['work_order', ['boat_id' => $id, 'status' => 'draft', 'draft' => '{}', 'opened_by' => 'ines', 'opened_at' => '2025-06-01 10:00:00']];
        }
        foreach ($rows as [$table, $row]) {
            self::database()->insert($table, $row);
        }
    }

    /** @return array<string, array{rows: int, sum: string}> without the times of the upgrade itself */
    private static function content(): array
    {
        self::database()->executeStatement("UPDATE spec_sheet SET changed_at = '2026-01-01'");

        return array_diff_key(TableSums::of(self::database()), ['migration_version' => 0]);
    }

    /** @return list<string> */
    private function schemaChanges(): array
    {
        $changes = explode(";\n", self::console('doctrine:schema:update', '--dump-sql'));

        return array_values(array_filter(array_map(trim(...), $changes), static fn (string $sql): bool => 1 === preg_match('/^(CREATE|ALTER|DROP)/', $sql) && !str_contains($sql, 'migration_version')));
    }

    public function testTheTablesAreWhatTheEntitiesExpect(): void
    {
        self::migrate('latest');

        self::assertSame([], $this->schemaChanges());
    }

    public function testOrdersAreNumberedFromWhereAPaperBookEnds(): void
    {
        self::migrate('latest');

        self::assertSame(2401, self::number("SELECT AUTO_INCREMENT FROM information_schema.tables WHERE table_schema = 'fresh_tack_empty' AND table_name = 'work_order'"));
    }

    private static function migrate(string $to): void
    {
        self::console('migrations:migrate', $to, '--no-interaction', '--quiet');
    }

    private static function console(string ...$arguments): string
    {
        [$status, $output] = self::ran(...$arguments);
        self::assertSame(0, $status, $output);

        return $output;
    }

    /** @return array{int, string} */
    private static function ran(string ...$arguments): array
    {
        $process = proc_open([\PHP_BINARY, \dirname(__DIR__, 2).'/bin/console', ...array_values($arguments), '--env=test'], [1 => ['pipe', 'w'], 2 => ['pipe', 'w']], $pipes, null, [...getenv(), 'DATABASE_URL' => self::url()]);
        self::assertIsResource($process);
        [$output, $errors] = [(string) stream_get_contents($pipes[1]), (string) stream_get_contents($pipes[2])];

        return [proc_close($process), $output.$errors];
    }

    /** @return list<string> */
    private static function tables(): array
    {
        $names = array_map(static fn (Table $table): string => $table->getObjectName()->toString(), self::database()->createSchemaManager()->introspectTables());

        return array_values(array_diff(array_map(static fn (string $name): string => trim($name, '`"'), $names), ['migration_version']));
    }

    private static function text(string $sql): ?string
    {
        $found = self::database()->fetchOne($sql);

        return \is_string($found) ? $found : null;
    }

    private static function number(string $sql): int
    {
        $found = self::database()->fetchOne($sql);

        return is_numeric($found) ? (int) $found : -1;
    }

    private static function database(bool $selected = true): Connection
    {
        $parameters = (new DsnParser(['mysql' => 'pdo_mysql']))->parse(self::url());
        if (!$selected) {
            unset($parameters['dbname']);
        }

        return DriverManager::getConnection($parameters);
    }

    private static function url(): string
    {
        $url = getenv('FRESH_TACK_EMPTY_DATABASE_URL');

        return \is_string($url) && '' !== $url ? $url : throw new \LogicException('bin/test --only shop gives the address of the empty database.');
    }
}
