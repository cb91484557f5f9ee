<?php

declare(strict_types=1);

namespace FreshTack\Migrations;

use Doctrine\DBAL\Schema\Schema;
use FreshTack\Storage\Upkeep\RepeatableMigration;

/** What the board says of an order at the bench stands in columns. `orders:tally` fills them for orders of before. */
final class Version00010006Lanes extends RepeatableMigration
{
    public function getDescription(): string
    {
        return 'How far each order is at the bench, for the board';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE work_order ADD COLUMN IF NOT EXISTS steps INT UNSIGNED DEFAULT NULL COMMENT \'of the frozen order; null: not counted yet, or not issued\', '
            .'ADD COLUMN IF NOT EXISTS steps_done INT UNSIGNED DEFAULT 0 NOT NULL, ADD COLUMN IF NOT EXISTS stopped_by VARCHAR(40) DEFAULT NULL COMMENT \'what was found and stopped the work\'');
        $this->addSql('CREATE INDEX IF NOT EXISTS orders_by_lane ON work_order (status, number)');
    }
}
