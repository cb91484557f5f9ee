<?php

declare(strict_types=1);

namespace FreshTack\Migrations;

use Doctrine\DBAL\Schema\Schema;
use FreshTack\Storage\Upkeep\RepeatableMigration;

final class Version00010014Locked extends RepeatableMigration
{
    public function getDescription(): string
    {
        return 'Accounts that are locked out';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE account
            ADD COLUMN IF NOT EXISTS locked TINYINT(1) DEFAULT 0 NOT NULL COMMENT 'locked out: nobody signs in as it'");
    }
}
