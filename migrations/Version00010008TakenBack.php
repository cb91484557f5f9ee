<?php

declare(strict_types=1);

namespace FreshTack\Migrations;

use Doctrine\DBAL\Schema\Schema;
use FreshTack\Storage\Upkeep\RepeatableMigration;

final class Version00010008TakenBack extends RepeatableMigration
{
    private const ASCII = 'CHARACTER SET ascii COLLATE `ascii_bin`';

    public function getDescription(): string
    {
        return 'What can be taken back, and when an order is ready';
    }

    public function up(Schema $schema): void
    {
        $ascii = self::ASCII;
        $this->addSql("CREATE TABLE IF NOT EXISTS taken_back (kind VARCHAR(10) $ascii NOT NULL COMMENT 'reading, done or declined',
            ref INT UNSIGNED NOT NULL COMMENT 'which line', account VARCHAR(60) NOT NULL,
            taken_back_at DATETIME NOT NULL COMMENT 'UTC', why VARCHAR(300) NOT NULL,
            PRIMARY KEY (kind, ref)) DEFAULT CHARACTER SET utf8mb4");
        $this->addSql("CREATE TABLE IF NOT EXISTS engine_move (
            engines LONGTEXT NOT NULL COMMENT 'each engine, where it hung before and after, as JSON',
            account VARCHAR(60) NOT NULL, made_at DATETIME NOT NULL COMMENT 'UTC',
            taken_back_by VARCHAR(60) DEFAULT NULL COMMENT 'who took it back; null: nobody', why VARCHAR(300) DEFAULT NULL,
            id INT UNSIGNED AUTO_INCREMENT NOT NULL, PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4");
        $this->addSql("CREATE TABLE IF NOT EXISTS removed (kind VARCHAR(10) $ascii NOT NULL COMMENT 'boat, engine or customer',
            ref INT UNSIGNED NOT NULL COMMENT 'its number, which it has again when it is brought back',
            name VARCHAR(200) NOT NULL COMMENT 'how people know it', content LONGTEXT NOT NULL COMMENT 'its row, as JSON',
            account VARCHAR(60) NOT NULL, removed_at DATETIME NOT NULL COMMENT 'UTC',
            id INT UNSIGNED AUTO_INCREMENT NOT NULL, PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4");
        $this->addSql("ALTER TABLE work_order
            ADD COLUMN IF NOT EXISTS ready_by DATETIME DEFAULT NULL COMMENT 'UTC; by the plan as it was issued',
            ADD COLUMN IF NOT EXISTS brought LONGTEXT DEFAULT NULL COMMENT 'what the check-in wrote into the register, as JSON',
            ADD COLUMN IF NOT EXISTS closed_at DATETIME DEFAULT NULL COMMENT 'UTC; of an order that is not carried out',
            ADD COLUMN IF NOT EXISTS closed_by VARCHAR(60) DEFAULT NULL,
            ADD COLUMN IF NOT EXISTS closed_why VARCHAR(300) DEFAULT NULL");
        // made anew by the next start, since names are found without their apostrophes now
        $this->addSql('DELETE FROM search_piece');
    }
}
