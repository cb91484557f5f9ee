<?php

declare(strict_types=1);

namespace FreshTack\Migrations;

use Doctrine\DBAL\Schema\Schema;
use FreshTack\Storage\Upkeep\RepeatableMigration;

/**
 * Customers of their own, engines that move between boats, hours over several meters, the days on which things are
 * due, the search, messages and calendars. What was in the register comes along: owners become customers, engines are
 * fitted from their day in service, and `register:index` works out the rest.
 */
final class Version00010003Register extends RepeatableMigration
{
    public function getDescription(): string
    {
        return 'The register whole';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE IF NOT EXISTS background_message (body LONGTEXT NOT NULL, headers LONGTEXT NOT NULL, queue_name VARCHAR(190) NOT NULL, created_at DATETIME NOT NULL, available_at DATETIME NOT NULL, delivered_at DATETIME DEFAULT NULL, id BIGINT AUTO_INCREMENT NOT NULL, INDEX waiting_messages (queue_name, available_at, delivered_at, id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE IF NOT EXISTS calendar_feed (token VARCHAR(43) CHARACTER SET ascii NOT NULL COLLATE `ascii_bin`, boat_id INT UNSIGNED DEFAULT NULL COMMENT \'null: all of the shop\', made_at DATETIME NOT NULL, UNIQUE INDEX UNIQ_71D6C7FFA1E84A29 (boat_id), PRIMARY KEY (token)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE IF NOT EXISTS customer (name VARCHAR(120) NOT NULL, email VARCHAR(200) DEFAULT NULL, phone VARCHAR(40) DEFAULT NULL, id INT UNSIGNED AUTO_INCREMENT NOT NULL, version INT UNSIGNED DEFAULT 1 NOT NULL, INDEX customers_by_name (name), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE IF NOT EXISTS due_day (kind VARCHAR(10) NOT NULL COMMENT \'due, expected or no_record\', day DATE NOT NULL, engines INT NOT NULL, PRIMARY KEY (kind, day)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE IF NOT EXISTS due_line (task VARCHAR(40) NOT NULL, soon_on DATE DEFAULT NULL, due_on DATE DEFAULT NULL, overdue_on DATE DEFAULT NULL, expected_on DATE DEFAULT NULL COMMENT \'due, or probably due by the usual use\', unrecorded TINYINT NOT NULL COMMENT \'never done: past its last day there is no record\', listed_elsewhere TINYINT NOT NULL COMMENT \'part of a longer task that is called for\', by_use TINYINT NOT NULL COMMENT \'the expected day is a forecast\', due_tenths INT UNSIGNED DEFAULT NULL COMMENT \'tenths of an hour on the meter at which it is due\', sequence INT UNSIGNED NOT NULL COMMENT \'of its calendar entry: one more with every change\', changed_at DATETIME NOT NULL, engine_id INT UNSIGNED NOT NULL, INDEX IDX_9DF923BDE78C9C0A (engine_id), PRIMARY KEY (engine_id, task)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE IF NOT EXISTS due_stale (engine_id INT UNSIGNED NOT NULL, PRIMARY KEY (engine_id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE IF NOT EXISTS engine_due (due_on DATE DEFAULT NULL, expected_on DATE DEFAULT NULL, no_record_on DATE DEFAULT NULL, refused VARCHAR(20) DEFAULT NULL COMMENT \'why the engine has no sheet\', meter_tenths INT UNSIGNED DEFAULT NULL COMMENT \'tenths of an hour that the meter shows\', computed_at DATETIME NOT NULL, engine_id INT UNSIGNED NOT NULL, INDEX engines_by_due (due_on, engine_id), INDEX engines_by_expected (expected_on, engine_id), INDEX engines_by_no_record (no_record_on, engine_id), PRIMARY KEY (engine_id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE IF NOT EXISTS fitting (position VARCHAR(20) NOT NULL, fitted_on DATE NOT NULL, taken_off_on DATE DEFAULT NULL, id INT UNSIGNED AUTO_INCREMENT NOT NULL, engine_id INT UNSIGNED NOT NULL, boat_id INT UNSIGNED NOT NULL, INDEX IDX_DD50CB8AE78C9C0A (engine_id), INDEX IDX_DD50CB8AA1E84A29 (boat_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE IF NOT EXISTS message (boat_id INT UNSIGNED NOT NULL, channel VARCHAR(10) NOT NULL COMMENT \'email or text\', recipient VARCHAR(200) NOT NULL, subject VARCHAR(200) NOT NULL, body MEDIUMTEXT NOT NULL, written_at DATETIME NOT NULL, written_by VARCHAR(40) NOT NULL, failure VARCHAR(300) DEFAULT NULL COMMENT \'why it could not be handed over; null: it was\', id INT UNSIGNED AUTO_INCREMENT NOT NULL, INDEX messages_of_boat (boat_id, written_at), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE IF NOT EXISTS reader_report (read_on DATE NOT NULL, tenths INT UNSIGNED NOT NULL COMMENT \'tenths of an hour, as the engine tells\', document MEDIUMTEXT NOT NULL COMMENT \'share of time per band of speed and fault codes, as JSON\', id INT UNSIGNED AUTO_INCREMENT NOT NULL, engine_id INT UNSIGNED NOT NULL, INDEX IDX_748A64D8E78C9C0A (engine_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE IF NOT EXISTS search_piece (kind VARCHAR(8) CHARACTER SET ascii NOT NULL COLLATE `ascii_bin` COMMENT \'boat, engine or customer\', inside TINYINT NOT NULL COMMENT \'whether the piece begins inside the word\', piece VARCHAR(24) CHARACTER SET ascii NOT NULL COLLATE `ascii_bin`, ref INT UNSIGNED NOT NULL COMMENT \'which boat, engine or customer\', INDEX pieces_of (kind, ref, piece), PRIMARY KEY (kind, inside, piece, ref)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE IF NOT EXISTS task_declined (task VARCHAR(40) NOT NULL, declined_on DATE NOT NULL, note VARCHAR(200) NOT NULL, entered_by VARCHAR(40) NOT NULL, id INT UNSIGNED AUTO_INCREMENT NOT NULL, engine_id INT UNSIGNED NOT NULL, INDEX IDX_2C5D7B9EE78C9C0A (engine_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('ALTER TABLE due_line ADD CONSTRAINT FK_9DF923BDE78C9C0A FOREIGN KEY IF NOT EXISTS (engine_id) REFERENCES engine (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE due_stale ADD CONSTRAINT FK_C0CA3F2DE78C9C0A FOREIGN KEY IF NOT EXISTS (engine_id) REFERENCES engine (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE engine_due ADD CONSTRAINT FK_54E9AF9BE78C9C0A FOREIGN KEY IF NOT EXISTS (engine_id) REFERENCES engine (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE fitting ADD CONSTRAINT FK_DD50CB8AE78C9C0A FOREIGN KEY IF NOT EXISTS (engine_id) REFERENCES engine (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE fitting ADD CONSTRAINT FK_DD50CB8AA1E84A29 FOREIGN KEY IF NOT EXISTS (boat_id) REFERENCES boat (id)');
        $this->addSql('ALTER TABLE reader_report ADD CONSTRAINT FK_748A64D8E78C9C0A FOREIGN KEY IF NOT EXISTS (engine_id) REFERENCES engine (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE task_declined ADD CONSTRAINT FK_2C5D7B9EE78C9C0A FOREIGN KEY IF NOT EXISTS (engine_id) REFERENCES engine (id)');
        $this->addSql('ALTER TABLE boat ADD COLUMN IF NOT EXISTS idling TINYINT DEFAULT 0 NOT NULL, ADD COLUMN IF NOT EXISTS silt TINYINT DEFAULT 0 NOT NULL, ADD COLUMN IF NOT EXISTS customer_id INT UNSIGNED DEFAULT NULL');
        if ($this->hasColumn($schema, 'boat', 'customer')) {
            $this->addSql('INSERT INTO customer (name) SELECT DISTINCT customer FROM boat WHERE customer NOT IN (SELECT name FROM customer) ORDER BY customer');
            $this->addSql('UPDATE boat b JOIN customer c ON c.name = b.customer SET b.customer_id = c.id');
        }
        $this->addSql('ALTER TABLE boat CHANGE customer_id customer_id INT UNSIGNED NOT NULL, DROP COLUMN IF EXISTS customer');
        $this->addSql('ALTER TABLE boat ADD CONSTRAINT FK_D86E834A9395C3F3 FOREIGN KEY IF NOT EXISTS (customer_id) REFERENCES customer (id)');
        $this->addSql('CREATE INDEX IF NOT EXISTS boats_by_name ON boat (name, id)');
        $this->addSql('CREATE INDEX IF NOT EXISTS IDX_D86E834A9395C3F3 ON boat (customer_id)');
        $this->addSql('ALTER TABLE engine ADD COLUMN IF NOT EXISTS warranty_until DATE DEFAULT NULL, CHANGE position position VARCHAR(20) DEFAULT NULL, CHANGE boat_id boat_id INT UNSIGNED DEFAULT NULL');
        $this->addSql('CREATE INDEX IF NOT EXISTS engines_by_model ON engine (model)');
        $this->addSql('CREATE UNIQUE INDEX IF NOT EXISTS one_engine_a_place ON engine (boat_id, position)');
        $this->addSql('ALTER TABLE hour_reading ADD COLUMN IF NOT EXISTS offset_tenths INT DEFAULT 0 NOT NULL COMMENT \'tenths of an hour to add for the true total, after a new meter\', ADD COLUMN IF NOT EXISTS source VARCHAR(10) DEFAULT \'counter\' NOT NULL, ADD COLUMN IF NOT EXISTS entered_by VARCHAR(40) DEFAULT \'\' NOT NULL, CHANGE tenths tenths INT UNSIGNED NOT NULL COMMENT \'tenths of an hour, as the meter shows\'');
        $this->addSql('ALTER TABLE task_done ADD COLUMN IF NOT EXISTS action VARCHAR(10) DEFAULT \'renew\' NOT NULL, ADD COLUMN IF NOT EXISTS elsewhere TINYINT DEFAULT 0 NOT NULL, ADD COLUMN IF NOT EXISTS entered_by VARCHAR(40) DEFAULT \'\' NOT NULL, CHANGE tenths tenths INT UNSIGNED DEFAULT NULL COMMENT \'tenths of an hour, the true total; null: no meter\'');
        $this->addSql('INSERT INTO fitting (engine_id, boat_id, position, fitted_on) SELECT id, boat_id, position, in_service FROM engine e WHERE boat_id IS NOT NULL AND NOT EXISTS (SELECT 1 FROM fitting f WHERE f.engine_id = e.id)');
        $this->addSql('INSERT IGNORE INTO due_stale (engine_id) SELECT id FROM engine');
    }
}
