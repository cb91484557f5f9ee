<?php

declare(strict_types=1);

namespace FreshTack\Migrations;

use Doctrine\DBAL\Schema\Schema;
use FreshTack\Storage\Upkeep\RepeatableMigration;

/** Accounts, register, spec book, stock, orders and the bench's log. */
final class Version00010001FirstSlice extends RepeatableMigration
{
    public function getDescription(): string
    {
        return 'The first whole slice';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE IF NOT EXISTS account (username VARCHAR(60) NOT NULL, name VARCHAR(80) NOT NULL, role VARCHAR(20) NOT NULL, password_hash VARCHAR(255) NOT NULL, PRIMARY KEY (username)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE IF NOT EXISTS audit_entry (happened_at DATETIME NOT NULL COMMENT \'UTC\', account VARCHAR(60) NOT NULL, action VARCHAR(60) NOT NULL, subject VARCHAR(80) NOT NULL, detail MEDIUMTEXT NOT NULL, id INT UNSIGNED AUTO_INCREMENT NOT NULL, INDEX audit_by_subject (subject), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE IF NOT EXISTS bench_entry (uuid CHAR(36) NOT NULL, step_id VARCHAR(120) NOT NULL, kind VARCHAR(20) NOT NULL, value MEDIUMTEXT NOT NULL, corrects CHAR(36) DEFAULT NULL, account VARCHAR(60) NOT NULL, received_at DATETIME NOT NULL COMMENT \'UTC\', device_sequence INT UNSIGNED NOT NULL, device_at DATETIME DEFAULT NULL COMMENT \'UTC, by the clock of the tablet\', sequence INT UNSIGNED AUTO_INCREMENT NOT NULL, work_order_id INT UNSIGNED NOT NULL, UNIQUE INDEX UNIQ_36B67E82D17F50A6 (uuid), INDEX IDX_36B67E82582AE764 (work_order_id), PRIMARY KEY (sequence)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE IF NOT EXISTS boat (name VARCHAR(80) NOT NULL, kind VARCHAR(80) NOT NULL, registration VARCHAR(40) NOT NULL, customer VARCHAR(120) NOT NULL, water VARCHAR(10) NOT NULL, kept VARCHAR(10) NOT NULL, commercial TINYINT NOT NULL, months_used VARCHAR(40) NOT NULL, id INT UNSIGNED AUTO_INCREMENT NOT NULL, version INT UNSIGNED DEFAULT 1 NOT NULL, PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE IF NOT EXISTS engine (position VARCHAR(20) NOT NULL, model VARCHAR(20) NOT NULL, serial VARCHAR(30) NOT NULL, in_service DATE NOT NULL, has_meter TINYINT NOT NULL, id INT UNSIGNED AUTO_INCREMENT NOT NULL, version INT UNSIGNED DEFAULT 1 NOT NULL, boat_id INT UNSIGNED NOT NULL, UNIQUE INDEX UNIQ_E8A81A8DD374C9DC (serial), INDEX IDX_E8A81A8DA1E84A29 (boat_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE IF NOT EXISTS engine_model (code VARCHAR(20) NOT NULL, maker VARCHAR(60) NOT NULL, cycle VARCHAR(20) NOT NULL, serial_prefixes VARCHAR(200) NOT NULL, serial_digits SMALLINT UNSIGNED NOT NULL, PRIMARY KEY (code)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE IF NOT EXISTS hour_reading (read_on DATE NOT NULL, tenths INT UNSIGNED NOT NULL COMMENT \'tenths of an hour\', id INT UNSIGNED AUTO_INCREMENT NOT NULL, engine_id INT UNSIGNED NOT NULL, INDEX IDX_88E2D9BDE78C9C0A (engine_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE IF NOT EXISTS login_failure (who VARCHAR(64) NOT NULL COMMENT \'SHA-256 of account and address\', failures INT UNSIGNED NOT NULL, last_at DATETIME NOT NULL COMMENT \'UTC\', PRIMARY KEY (who)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE IF NOT EXISTS part (number VARCHAR(40) NOT NULL, description VARCHAR(120) NOT NULL, bin VARCHAR(20) NOT NULL, in_stock INT UNSIGNED NOT NULL, price_minor INT UNSIGNED NOT NULL COMMENT \'smallest coin\', version INT UNSIGNED DEFAULT 1 NOT NULL, PRIMARY KEY (number)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE IF NOT EXISTS procedure_document (id VARCHAR(40) NOT NULL, place SMALLINT UNSIGNED NOT NULL, document MEDIUMTEXT NOT NULL COMMENT \'the procedure as JSON\', PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE IF NOT EXISTS refusal (model VARCHAR(20) NOT NULL, serial VARCHAR(30) NOT NULL, reason VARCHAR(30) NOT NULL, message VARCHAR(500) NOT NULL, raised_by VARCHAR(60) NOT NULL, raised_at DATETIME NOT NULL COMMENT \'UTC\', settled_by VARCHAR(60) DEFAULT NULL, settled_at DATETIME DEFAULT NULL COMMENT \'UTC\', id INT UNSIGNED AUTO_INCREMENT NOT NULL, boat_id INT UNSIGNED NOT NULL, INDEX IDX_9A64F34AA1E84A29 (boat_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE IF NOT EXISTS sheet_range (model VARCHAR(20) NOT NULL, prefix VARCHAR(20) NOT NULL, serial_from INT UNSIGNED NOT NULL, serial_to INT UNSIGNED NOT NULL, id INT UNSIGNED AUTO_INCREMENT NOT NULL, sheet_id INT UNSIGNED NOT NULL, INDEX range_by_model (model, prefix, serial_from), INDEX IDX_F0D248E08B1206A5 (sheet_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE IF NOT EXISTS shelf_oil (id VARCHAR(60) NOT NULL, product VARCHAR(80) NOT NULL, grade VARCHAR(20) NOT NULL, performance_class VARCHAR(40) NOT NULL, size_value VARCHAR(20) NOT NULL, size_unit VARCHAR(10) NOT NULL, price_minor INT UNSIGNED NOT NULL COMMENT \'smallest coin\', in_stock INT UNSIGNED DEFAULT NULL, opened_value VARCHAR(20) DEFAULT NULL, opened_unit VARCHAR(10) DEFAULT NULL, version INT UNSIGNED DEFAULT 1 NOT NULL, PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE IF NOT EXISTS shop (id INT UNSIGNED NOT NULL, document MEDIUMTEXT NOT NULL COMMENT \'the shop settings as JSON\', version INT UNSIGNED DEFAULT 1 NOT NULL, PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE IF NOT EXISTS spec_sheet (sheet_id VARCHAR(60) NOT NULL, revision INT UNSIGNED NOT NULL, status VARCHAR(20) NOT NULL, maker VARCHAR(60) NOT NULL, document MEDIUMTEXT NOT NULL COMMENT \'the sheet as JSON, byte for byte\', id INT UNSIGNED AUTO_INCREMENT NOT NULL, UNIQUE INDEX sheet_revision (sheet_id, revision), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE IF NOT EXISTS task_done (task VARCHAR(40) NOT NULL, done_on DATE NOT NULL, tenths INT UNSIGNED DEFAULT NULL COMMENT \'tenths of an hour; null: no meter\', evidence VARCHAR(200) NOT NULL, id INT UNSIGNED AUTO_INCREMENT NOT NULL, engine_id INT UNSIGNED NOT NULL, INDEX IDX_639E74D0E78C9C0A (engine_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE IF NOT EXISTS work_order (status VARCHAR(20) NOT NULL, draft MEDIUMTEXT NOT NULL, opened_by VARCHAR(60) NOT NULL, opened_at DATETIME NOT NULL COMMENT \'UTC\', issued_at DATETIME DEFAULT NULL COMMENT \'UTC\', issued_by VARCHAR(60) DEFAULT NULL, request MEDIUMTEXT DEFAULT NULL COMMENT \'the canonical request as issued\', document MEDIUMTEXT DEFAULT NULL COMMENT \'the frozen order, byte for byte\', document_sha256 VARCHAR(64) DEFAULT NULL, engine_version VARCHAR(20) DEFAULT NULL, released_at DATETIME DEFAULT NULL COMMENT \'UTC\', released_by VARCHAR(60) DEFAULT NULL, record MEDIUMTEXT DEFAULT NULL, number INT UNSIGNED AUTO_INCREMENT NOT NULL, version INT UNSIGNED DEFAULT 1 NOT NULL, boat_id INT UNSIGNED NOT NULL, INDEX order_by_status (status, released_at), INDEX IDX_DDD2E8B7A1E84A29 (boat_id), PRIMARY KEY (number)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE IF NOT EXISTS work_order_line (task VARCHAR(40) NOT NULL, status VARCHAR(20) NOT NULL, reason VARCHAR(500) NOT NULL, id INT UNSIGNED AUTO_INCREMENT NOT NULL, work_order_id INT UNSIGNED NOT NULL, engine_id INT UNSIGNED NOT NULL, INDEX IDX_87862332582AE764 (work_order_id), INDEX IDX_87862332E78C9C0A (engine_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('ALTER TABLE bench_entry ADD CONSTRAINT FK_36B67E82582AE764 FOREIGN KEY IF NOT EXISTS (work_order_id) REFERENCES work_order (number)');
        $this->addSql('ALTER TABLE work_order AUTO_INCREMENT = 2401');
        $this->addSql('ALTER TABLE engine ADD CONSTRAINT FK_E8A81A8DA1E84A29 FOREIGN KEY IF NOT EXISTS (boat_id) REFERENCES boat (id)');
        $this->addSql('ALTER TABLE hour_reading ADD CONSTRAINT FK_88E2D9BDE78C9C0A FOREIGN KEY IF NOT EXISTS (engine_id) REFERENCES engine (id)');
        $this->addSql('ALTER TABLE refusal ADD CONSTRAINT FK_9A64F34AA1E84A29 FOREIGN KEY IF NOT EXISTS (boat_id) REFERENCES boat (id)');
        $this->addSql('ALTER TABLE sheet_range ADD CONSTRAINT FK_F0D248E08B1206A5 FOREIGN KEY IF NOT EXISTS (sheet_id) REFERENCES spec_sheet (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE task_done ADD CONSTRAINT FK_639E74D0E78C9C0A FOREIGN KEY IF NOT EXISTS (engine_id) REFERENCES engine (id)');
        $this->addSql('ALTER TABLE work_order ADD CONSTRAINT FK_DDD2E8B7A1E84A29 FOREIGN KEY IF NOT EXISTS (boat_id) REFERENCES boat (id)');
        $this->addSql('ALTER TABLE work_order_line ADD CONSTRAINT FK_87862332582AE764 FOREIGN KEY IF NOT EXISTS (work_order_id) REFERENCES work_order (number) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE work_order_line ADD CONSTRAINT FK_87862332E78C9C0A FOREIGN KEY IF NOT EXISTS (engine_id) REFERENCES engine (id)');
    }
}
