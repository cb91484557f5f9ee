<?php

declare(strict_types=1);

namespace FreshTack\Storage\Upkeep;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * A change of the tables that can be run again after it was interrupted anywhere. MariaDB keeps each statement that
 * changes a table at once, so there is no way back inside: every statement says IF [NOT] EXISTS, or does nothing the
 * second time. Back goes the backup that was taken before, since no `down` could keep what people entered since.
 */
abstract class RepeatableMigration extends AbstractMigration
{
    final public function isTransactional(): bool
    {
        return false;
    }

    final public function down(Schema $schema): void
    {
        $this->throwIrreversibleMigrationException(
            'Tables do not go back. Restore the backup that was taken before the upgrade: bin/restore var/backups/before-upgrade-….tar',
        );
    }

    final protected function hasColumn(Schema $schema, string $table, string $column): bool
    {
        return $schema->hasTable($table) && $schema->getTable($table)->hasColumn($column);
    }
}
