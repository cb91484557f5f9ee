<?php

declare(strict_types=1);

namespace FreshTack\Migrations;

use Doctrine\DBAL\Schema\Schema;
use FreshTack\Storage\Upkeep\RepeatableMigration;

final class Version00010011Lead extends RepeatableMigration
{
    public function getDescription(): string
    {
        return 'Who leads at the bench: lifts stops, and lets an engine go that is not fit to run';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE account
            ADD COLUMN IF NOT EXISTS lead TINYINT(1) DEFAULT 0 NOT NULL
                COMMENT 'leads at the bench; managers do in any case'");
        // until somebody says otherwise, those decide who decided before
        $this->addSql("UPDATE account SET lead = 1 WHERE role = 'writer' AND NOT EXISTS (SELECT 1 FROM (SELECT lead FROM account WHERE lead = 1) leads)");
    }
}
