<?php

declare(strict_types=1);

namespace FreshTack\Migrations;

use Doctrine\DBAL\Schema\Schema;
use FreshTack\Storage\Upkeep\RepeatableMigration;

/** Procedures of the first form, which knew covers as effects, make room for those that the book ships with now. */
final class Version00010004Orders extends RepeatableMigration
{
    public function getDescription(): string
    {
        return 'Orders computed whole';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("DELETE FROM procedure_document WHERE document LIKE '%\"cowl_off\"%' OR id IN ('engine-oil', 'oil-filter')");
        foreach ($schema->hasTable('shop') ? $this->connection->fetchAllAssociative('SELECT id, document FROM shop') : [] as $shop) {
            $document = json_decode(\is_string($shop['document']) ? $shop['document'] : '{}', true);
            if (\is_array($document)) {
                $document['torqueWrenches'] = self::wrenches($document['torqueWrenches'] ?? null);
                $this->addSql('UPDATE shop SET document = ? WHERE id = ?', [json_encode($document, \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_THROW_ON_ERROR), $shop['id']]);
            }
        }
    }

    /**
     * A wrench was a name with its range, such as "TW-2, 20–100 N·m"; the day of its calibration was never asked.
     *
     * @return list<array<mixed>>
     */
    private static function wrenches(mixed $names): array
    {
        $wrenches = [];
        foreach (\is_array($names) ? $names : [] as $name) {
            if (\is_array($name)) {
                // brought along before an interruption
                $wrenches[] = $name;
            } elseif (\is_string($name) && 1 === preg_match('/^([^,]+), [\d.]+–([\d.]+) (N·m|ft·lb|in·lb)$/u', $name, $found)) {
                $wrenches[] = ['id' => $found[1], 'fullScale' => ['value' => $found[2], 'unit' => ['N·m' => 'nm', 'ft·lb' => 'ft_lb', 'in·lb' => 'in_lb'][$found[3]]], 'calibratedOn' => '2000-01-01'];
            }
        }

        return $wrenches;
    }
}
