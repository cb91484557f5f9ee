<?php

declare(strict_types=1);

namespace FreshTack\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Procedures of the first form, which knew covers as effects, make room for those that the book ships with now; back again none is left that could be read. */
final class Version00010004Orders extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Orders computed whole';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("DELETE FROM procedure_document WHERE document LIKE '%\"cowl_off\"%' OR id IN ('engine-oil', 'oil-filter')");
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DELETE FROM procedure_document');
    }
}
