<?php

declare(strict_types=1);

namespace FreshTack\Migrations;

use Doctrine\DBAL\Schema\Schema;
use FreshTack\Storage\Upkeep\RepeatableMigration;

final class Version00010015OwnShop extends RepeatableMigration
{
    public function getDescription(): string
    {
        return 'A shop of one\'s own: its first manager, its procedures, links for new passwords';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE procedure_document
            ADD COLUMN IF NOT EXISTS installed CHAR(64) CHARACTER SET ascii COLLATE ascii_bin DEFAULT NULL
                COMMENT 'SHA-256 of the text of the program that came in last; null: none did'");
        // until now a text was the program's, unless the trail tells of another one
        $this->addSql("UPDATE procedure_document SET installed = SHA2(document, 256)
            WHERE installed IS NULL AND NOT EXISTS (SELECT 1 FROM audit_entry
                WHERE audit_entry.subject = CONCAT('procedure ', procedure_document.id) AND action LIKE 'procedure.%')");
        $this->addSql("CREATE TABLE IF NOT EXISTS first_run (
            id INT UNSIGNED NOT NULL,
            code_hash VARCHAR(255) NOT NULL COMMENT 'of the code that the terminal has shown',
            wrong_tries INT UNSIGNED NOT NULL,
            PRIMARY KEY (id)
        ) DEFAULT CHARACTER SET utf8mb4");
        $this->addSql("CREATE TABLE IF NOT EXISTS password_link (
            username VARCHAR(60) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
            token_hash CHAR(64) CHARACTER SET ascii COLLATE ascii_bin NOT NULL COMMENT 'SHA-256 of what stands in the link',
            ends_at DATETIME NOT NULL COMMENT 'UTC',
            UNIQUE INDEX password_link_token (token_hash),
            PRIMARY KEY (username)
        ) DEFAULT CHARACTER SET utf8mb4");
        $this->addSql("ALTER TABLE account
            ADD COLUMN IF NOT EXISTS email VARCHAR(200) DEFAULT NULL COMMENT 'where a link for a new password goes',
            ADD COLUMN IF NOT EXISTS sign_outs INT UNSIGNED DEFAULT 0 NOT NULL
                COMMENT 'how often they were signed out everywhere; a session knows the number of its day'");
        $this->addSql("CREATE TABLE IF NOT EXISTS shop_logo (
            id INT UNSIGNED NOT NULL,
            picture MEDIUMBLOB NOT NULL COMMENT 'PNG',
            PRIMARY KEY (id)
        ) DEFAULT CHARACTER SET utf8mb4");
    }
}
