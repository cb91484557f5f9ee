<?php

declare(strict_types=1);

namespace FreshTack\Migrations;

use Doctrine\DBAL\Schema\Schema;
use FreshTack\Storage\Upkeep\RepeatableMigration;

final class Version00010010Separators extends RepeatableMigration
{
    public function getDescription(): string
    {
        return 'The fuel separators of a boat: how many, their element, how often it is renewed';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE boat
            ADD COLUMN IF NOT EXISTS separators VARCHAR(10) DEFAULT 'unknown' NOT NULL
                COMMENT 'fuel separators between tank and engines',
            ADD COLUMN IF NOT EXISTS separator_element VARCHAR(40) DEFAULT NULL
                COMMENT 'part number of the separator''s element',
            ADD COLUMN IF NOT EXISTS separator_every_tenths INT UNSIGNED DEFAULT NULL
                COMMENT 'tenths of an engine hour between two elements',
            ADD COLUMN IF NOT EXISTS separator_every_months INT UNSIGNED DEFAULT NULL
                COMMENT 'months between two elements'");
    }
}
