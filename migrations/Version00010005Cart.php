<?php

declare(strict_types=1);

namespace FreshTack\Migrations;

use Doctrine\DBAL\Schema\Schema;
use FreshTack\Storage\Upkeep\RepeatableMigration;

final class Version00010005Cart extends RepeatableMigration
{
    public function getDescription(): string
    {
        return 'Parts held against the serial number; what is on order, and substitutes';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE IF NOT EXISTS cart_confirmation (order_number INT UNSIGNED NOT NULL, number VARCHAR(40) NOT NULL, engine VARCHAR(40) NOT NULL, account VARCHAR(60) NOT NULL, confirmed_at DATETIME NOT NULL COMMENT \'UTC\', id INT UNSIGNED AUTO_INCREMENT NOT NULL, UNIQUE INDEX part_of_order (order_number, number, engine), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('ALTER TABLE part ADD COLUMN IF NOT EXISTS on_order INT UNSIGNED DEFAULT 0 NOT NULL COMMENT \'pieces\', ADD COLUMN IF NOT EXISTS arrives_on DATE DEFAULT NULL, ADD COLUMN IF NOT EXISTS substitute_for VARCHAR(40) DEFAULT NULL COMMENT \'the maker\'\'s number\', ADD INDEX IF NOT EXISTS substitutes (substitute_for)');
    }
}
