<?php

declare(strict_types=1);

namespace FreshTack\Migrations;

use Doctrine\DBAL\Schema\Schema;
use FreshTack\Storage\Chain\ChainRows;
use FreshTack\Storage\Chain\Seal;
use FreshTack\Storage\Upkeep\RepeatableMigration;

/**
 * Seals over what is written for good, presses that are answered once, names of accounts compared letter by letter.
 * What was written before is sealed as it stands.
 */
final class Version00010007Trail extends RepeatableMigration
{
    private const SEAL = 'VARCHAR(64) CHARACTER SET ascii COLLATE `ascii_bin`';
    private const LINK = self::SEAL." NOT NULL COMMENT 'HMAC over this and the seal before it'";

    public function getDescription(): string
    {
        return 'A trail that hangs together';
    }

    public function preUp(Schema $schema): void
    {
        $names = $schema->hasTable('account') ? $this->connection->fetchFirstColumn('SELECT username FROM account ORDER BY username') : [];
        $same = [];
        foreach (array_filter($names, \is_string(...)) as $name) {
            $same[self::normal($name)][] = $name;
        }
        foreach (array_filter($same, static fn (array $all): bool => \count($all) > 1) as $all) {
            throw new \RuntimeException(\sprintf('These accounts are one by name: "%s". Rename all but one of them, then upgrade.', implode('", "', $all)));
        }
    }

    public function up(Schema $schema): void
    {
        [$seal, $link] = [self::SEAL, self::LINK];
        $turn = "ADD COLUMN IF NOT EXISTS turn INT UNSIGNED DEFAULT 0 NOT NULL
            COMMENT 'one more with every unit of work that decided by it'";
        $this->addSql("CREATE TABLE IF NOT EXISTS chain_head (name VARCHAR(170) NOT NULL COLLATE `utf8mb4_bin`, links INT UNSIGNED NOT NULL,
            last $seal NOT NULL COMMENT 'seal of the last link',
            head $seal NOT NULL COMMENT 'HMAC over the number of links and the last seal',
            PRIMARY KEY (name)) DEFAULT CHARACTER SET utf8mb4");
        $this->addSql("CREATE TABLE IF NOT EXISTS press (account VARCHAR(60) NOT NULL COLLATE `utf8mb4_bin`,
            id $seal NOT NULL COMMENT 'Idempotency-Key',
            asked $seal NOT NULL COMMENT 'SHA-256 of method, path and body',
            status INT UNSIGNED DEFAULT NULL COMMENT 'HTTP; null: not answered yet',
            answer MEDIUMTEXT DEFAULT NULL, made_at DATETIME NOT NULL COMMENT 'UTC',
            INDEX presses_by_age (made_at), PRIMARY KEY (account, id))
            DEFAULT CHARACTER SET utf8mb4");
        $this->addSql("ALTER TABLE boat $turn");
        $this->addSql("ALTER TABLE engine $turn");
        $this->addSql("ALTER TABLE bench_entry ADD COLUMN IF NOT EXISTS seal $link");
        $this->addSql("ALTER TABLE task_done ADD COLUMN IF NOT EXISTS seal $link");
        $this->addSql("ALTER TABLE audit_entry CHANGE subject subject VARCHAR(160) NOT NULL COLLATE `utf8mb4_bin`,
            ADD COLUMN IF NOT EXISTS changed_from VARCHAR(20) DEFAULT NULL COMMENT 'status of the subject',
            ADD COLUMN IF NOT EXISTS changed_to VARCHAR(20) DEFAULT NULL COMMENT 'status of the subject',
            ADD COLUMN IF NOT EXISTS seal $link");
        $this->addSql("ALTER TABLE work_order
            ADD COLUMN IF NOT EXISTS document_seal $seal DEFAULT NULL COMMENT 'HMAC over the frozen order',
            ADD COLUMN IF NOT EXISTS record_seal $seal DEFAULT NULL COMMENT 'HMAC over the record and the seal of the last entry'");
        $this->addSql('ALTER TABLE engine_model CHANGE serial_prefixes serial_prefixes VARCHAR(440) NOT NULL');
        // of several addresses of the shop's calendar the newest is the one that people were given last
        $this->addSql('DELETE older FROM calendar_feed older
            JOIN calendar_feed newer ON COALESCE(older.boat_id, 0) = COALESCE(newer.boat_id, 0)
            AND (older.made_at, older.token) < (newer.made_at, newer.token)');
        $this->addSql('UPDATE calendar_feed SET boat_id = 0 WHERE boat_id IS NULL');
        $this->addSql("ALTER TABLE calendar_feed CHANGE boat_id boat_id INT UNSIGNED NOT NULL COMMENT '0: all of the shop'");
        $this->addSql(
            "ALTER TABLE login_failure CHANGE who who VARCHAR(64) NOT NULL COMMENT 'SHA-256 of what is counted: account, address or both'",
        );
        $this->addSql('ALTER TABLE account CHANGE username username VARCHAR(60) NOT NULL COLLATE `utf8mb4_bin`');
    }

    public function postUp(Schema $schema): void
    {
        foreach (array_filter($this->connection->fetchFirstColumn('SELECT username FROM account'), \is_string(...)) as $name) {
            $this->connection->update('account', ['username' => self::normal($name)], ['username' => $name]);
        }
        $key = $_SERVER['FRESH_TACK_CHAIN_KEY'] ?? '';
        (new ChainRows($this->connection, new Seal(\is_string($key) ? $key : '')))->sealAll();
    }

    /** As the program writes the names of accounts from here on. */
    private static function normal(string $name): string
    {
        return mb_strtolower(trim((string) \Normalizer::normalize($name, \Normalizer::FORM_C)));
    }
}
