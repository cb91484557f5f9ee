<?php

declare(strict_types=1);

namespace FreshTack\Migrations;

use Doctrine\DBAL\Schema\Schema;
use FreshTack\Storage\Upkeep\RepeatableMigration;

final class Version00010013Pin extends RepeatableMigration
{
    public function getDescription(): string
    {
        return 'Four digits by which a shared tablet changes hands';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE account 
            ADD COLUMN IF NOT EXISTS pin_hash VARCHAR(255) DEFAULT NULL
                COMMENT 'of the four digits by which a shared tablet changes hands'");
    }
}
