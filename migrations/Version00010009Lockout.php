<?php

declare(strict_types=1);

namespace FreshTack\Migrations;

use Doctrine\DBAL\Schema\Schema;
use FreshTack\Storage\Upkeep\RepeatableMigration;

final class Version00010009Lockout extends RepeatableMigration
{
    public function getDescription(): string
    {
        return 'Whether the engines of a boat share keys, lanyards or batteries';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE boat ADD COLUMN IF NOT EXISTS shared_lockout TINYINT(1) DEFAULT 0 NOT NULL
            COMMENT 'keys, lanyards or batteries serve more than one engine'");
    }
}
