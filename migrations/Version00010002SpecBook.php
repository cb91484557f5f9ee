<?php

declare(strict_types=1);

namespace FreshTack\Migrations;

use Doctrine\DBAL\Schema\Schema;
use FreshTack\Storage\Upkeep\RepeatableMigration;

/** The whole model of the spec book, its revisions and queues, and the parts catalogue. Books of before are brought along. */
final class Version00010002SpecBook extends RepeatableMigration
{
    public function getDescription(): string
    {
        return 'The spec book whole';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE IF NOT EXISTS kit_line (kit VARCHAR(40) NOT NULL, part VARCHAR(40) NOT NULL, count SMALLINT UNSIGNED NOT NULL, INDEX kits_with_part (part), PRIMARY KEY (kit, part)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE IF NOT EXISTS order_flag (order_number INT UNSIGNED NOT NULL, position VARCHAR(20) NOT NULL, sheet_id VARCHAR(60) NOT NULL, from_revision INT UNSIGNED NOT NULL, to_revision INT UNSIGNED NOT NULL, differences MEDIUMTEXT NOT NULL COMMENT \'the values that differ, as JSON\', raised_at DATETIME NOT NULL COMMENT \'UTC\', decision VARCHAR(10) DEFAULT NULL COMMENT \'kept or renewed; null: waits\', reason VARCHAR(300) DEFAULT NULL, decided_by VARCHAR(80) DEFAULT NULL, decided_at DATETIME DEFAULT NULL COMMENT \'UTC\', id INT UNSIGNED AUTO_INCREMENT NOT NULL, INDEX flags_of_order (order_number), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE IF NOT EXISTS proposal (sheet_id VARCHAR(60) NOT NULL, revision INT UNSIGNED NOT NULL, path VARCHAR(60) NOT NULL, content MEDIUMTEXT NOT NULL COMMENT \'the value as JSON, without its source\', document VARCHAR(200) NOT NULL, document_revision VARCHAR(40) NOT NULL, page VARCHAR(40) NOT NULL, reason VARCHAR(300) NOT NULL, order_number INT UNSIGNED NOT NULL, raised_by VARCHAR(80) NOT NULL, raised_at DATETIME NOT NULL COMMENT \'UTC\', outcome VARCHAR(20) DEFAULT NULL COMMENT \'taken or turned_down; null: waits\', settled_by VARCHAR(80) DEFAULT NULL, settled_at DATETIME DEFAULT NULL COMMENT \'UTC\', id INT UNSIGNED AUTO_INCREMENT NOT NULL, PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('ALTER TABLE engine ADD COLUMN IF NOT EXISTS model_year SMALLINT UNSIGNED DEFAULT NULL, ADD COLUMN IF NOT EXISTS gearcase VARCHAR(20) DEFAULT NULL');
        $this->addSql('ALTER TABLE part ADD COLUMN IF NOT EXISTS maker VARCHAR(60) DEFAULT \'not given\' NOT NULL, ADD COLUMN IF NOT EXISTS origin VARCHAR(10) DEFAULT \'maker\' NOT NULL COMMENT \'maker or other\', ADD COLUMN IF NOT EXISTS pack_size INT UNSIGNED DEFAULT 1 NOT NULL COMMENT \'pieces in a pack\', ADD COLUMN IF NOT EXISTS superseded_by VARCHAR(40) DEFAULT NULL');
        $this->addSql('DROP INDEX IF EXISTS range_by_model ON sheet_range');
        $this->addSql('CREATE INDEX IF NOT EXISTS range_by_model ON sheet_range (model, prefix, serial_to, serial_from)');
        $this->addSql('ALTER TABLE sheet_range CHANGE model model VARCHAR(20) NOT NULL COLLATE `utf8mb4_bin`, CHANGE prefix prefix VARCHAR(20) NOT NULL COLLATE `utf8mb4_bin`, ADD COLUMN IF NOT EXISTS sheet_name VARCHAR(60) NOT NULL, ADD COLUMN IF NOT EXISTS revision INT UNSIGNED NOT NULL, ADD COLUMN IF NOT EXISTS status VARCHAR(20) NOT NULL, ADD COLUMN IF NOT EXISTS maker VARCHAR(60) NOT NULL, ADD COLUMN IF NOT EXISTS year_from SMALLINT UNSIGNED DEFAULT NULL COMMENT \'model year; null: all\', ADD COLUMN IF NOT EXISTS year_to SMALLINT UNSIGNED DEFAULT NULL COMMENT \'model year; null: all\', ADD COLUMN IF NOT EXISTS gearcases VARCHAR(400) NOT NULL COMMENT \'variants, by commas; empty: all\'');
        $this->addSql('ALTER TABLE spec_sheet ADD COLUMN IF NOT EXISTS family TINYINT NOT NULL COMMENT \'true: applies to no engine by itself\', ADD COLUMN IF NOT EXISTS author VARCHAR(80) NOT NULL, ADD COLUMN IF NOT EXISTS reviewer VARCHAR(80) DEFAULT NULL, ADD COLUMN IF NOT EXISTS year_from SMALLINT UNSIGNED DEFAULT NULL COMMENT \'model year; null: all\', ADD COLUMN IF NOT EXISTS year_to SMALLINT UNSIGNED DEFAULT NULL COMMENT \'model year; null: all\', ADD COLUMN IF NOT EXISTS gearcases VARCHAR(400) NOT NULL COMMENT \'variants, by commas; empty: all\', ADD COLUMN IF NOT EXISTS base_sheet VARCHAR(60) DEFAULT NULL, ADD COLUMN IF NOT EXISTS base_revision INT UNSIGNED DEFAULT NULL, ADD COLUMN IF NOT EXISTS changed_at DATETIME NOT NULL COMMENT \'UTC\', ADD COLUMN IF NOT EXISTS version INT UNSIGNED DEFAULT 1 NOT NULL');
    }

    /** Sheets written before schedules said what is done, and before the ways of draining were listed. */
    public function postUp(Schema $schema): void
    {
        foreach ($this->connection->fetchAllAssociative('SELECT id, document FROM spec_sheet') as $row) {
            $document = json_decode((string) $row['document'], true, 64, \JSON_THROW_ON_ERROR);
            $values = $document['values'] ?? [];
            foreach ($values as $path => $value) {
                if (str_starts_with((string) $path, 'schedule.') && \is_array($value)) {
                    $values[$path] += ['action' => 'renew'];
                }
            }
            $extraction = $values['drain.extractionAllowed'] ?? null;
            unset($values['drain.extractionAllowed']);
            if (\is_array($extraction) && isset($values['drain.kind']['value'])) {
                $ways = array_unique([$values['drain.kind']['value'], ...(true === $extraction['value'] ? ['extraction'] : [])]);
                $values['drain.allowed'] = ['values' => array_values($ways), 'source' => $extraction['source'], 'page' => $extraction['page']];
            }
            $document['values'] = $values;
            $this->connection->update('spec_sheet', [
                'document' => json_encode($document, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_PRETTY_PRINT)."\n",
                'author' => $document['author'] ?? '',
                'reviewer' => $document['reviewer'] ?? null,
                'changed_at' => gmdate('Y-m-d H:i:s'),
            ], ['id' => $row['id']]);
        }
        $this->connection->executeStatement('UPDATE sheet_range r JOIN spec_sheet s ON s.id = r.sheet_id SET r.sheet_name = s.sheet_id, r.revision = s.revision, r.status = s.status, r.maker = s.maker');
        foreach (['maker', 'origin', 'pack_size'] as $column) {
            $this->connection->executeStatement("ALTER TABLE part ALTER $column DROP DEFAULT");
        }
    }
}
