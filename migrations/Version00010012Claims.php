<?php

declare(strict_types=1);

namespace FreshTack\Migrations;

use Doctrine\DBAL\Schema\Schema;
use FreshTack\Storage\Upkeep\RepeatableMigration;

final class Version00010012Claims extends RepeatableMigration
{
    public function getDescription(): string
    {
        return 'Who has taken on which engine or operation at the bench';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("CREATE TABLE IF NOT EXISTS bench_claim (
            order_number INT UNSIGNED NOT NULL,
            work VARCHAR(190) NOT NULL COMMENT 'position of the engine, or id of the operation',
            account VARCHAR(60) NOT NULL,
            taken_at DATETIME NOT NULL COMMENT 'UTC',
            id INT UNSIGNED AUTO_INCREMENT NOT NULL,
            UNIQUE INDEX work_of_order (order_number, work),
            PRIMARY KEY (id)
        ) DEFAULT CHARACTER SET utf8mb4");
    }
}
