<?php

declare(strict_types=1);

namespace FreshTack\Storage;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\ParameterType;
use FreshTack\Shop\Audit\Trail;
use FreshTack\Shop\Audit\TrailLine;

final readonly class DoctrineTrail implements Trail
{
    public function __construct(private Connection $connection)
    {
    }

    public function ofShop(int $most): array
    {
        $rows = $this->connection->fetchAllAssociative(
            "SELECT happened_at, account, action, subject, detail FROM audit_entry
                WHERE subject = 'shop' OR subject LIKE 'account %' ORDER BY id DESC LIMIT ?",
            [$most],
            [ParameterType::INTEGER],
        );

        return array_map(static fn (array $row): TrailLine => new TrailLine(
            new \DateTimeImmutable(Column::text($row, 'happened_at'), new \DateTimeZone('UTC')),
            Column::text($row, 'account'),
            Column::text($row, 'action'),
            Column::text($row, 'subject'),
            StoredJson::map(Column::text($row, 'detail'), 'audit_entry', Column::text($row, 'subject')),
        ), $rows);
    }
}
