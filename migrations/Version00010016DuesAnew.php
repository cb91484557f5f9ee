<?php

declare(strict_types=1);

namespace FreshTack\Migrations;

use Doctrine\DBAL\Schema\Schema;
use FreshTack\Storage\Upkeep\RepeatableMigration;

final class Version00010016DuesAnew extends RepeatableMigration
{
    public function getDescription(): string
    {
        return 'Days on which tasks fall due are reckoned anew: forecasts and unknown hours are judged otherwise';
    }

    public function up(Schema $schema): void
    {
        // an interval of 0 h is none any more: where it was all that was said, somebody looks again
        $this->addSql("UPDATE boat SET separators = 'unknown', separator_element = NULL, separator_every_tenths = NULL
            WHERE separator_every_tenths = 0 AND separator_every_months IS NULL");
        $this->addSql('UPDATE boat SET separator_every_tenths = NULL WHERE separator_every_tenths = 0');
        $this->addSql('INSERT IGNORE INTO due_stale (engine_id) SELECT id FROM engine WHERE boat_id IS NOT NULL');
    }
}
