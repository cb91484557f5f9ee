<?php

declare(strict_types=1);

namespace FreshTack\Storage;

use Doctrine\DBAL\Connection;
use FreshTack\Shop\Account\Role;
use FreshTack\Shop\Settings\CountHoldings;
use FreshTack\Shop\Settings\Holdings;

final readonly class DoctrineHoldings implements CountHoldings
{
    private const COUNTS = "SELECT
        (SELECT COUNT(*) FROM engine_model) AS models,
        (SELECT COUNT(*) FROM spec_sheet WHERE status = 'published') AS sheets,
        (SELECT COUNT(*) FROM shelf_oil) AS oils,
        (SELECT COUNT(*) FROM part) AS parts,
        (SELECT COUNT(*) FROM boat) AS boats,
        (SELECT COUNT(*) FROM account WHERE locked = 0 AND role = :technician) AS technicians,
        (SELECT COUNT(*) FROM account WHERE locked = 0 AND role = :manager) AS reviewers";

    public function __construct(private Connection $connection)
    {
    }

    public function __invoke(): Holdings
    {
        $row = $this->connection->fetchAssociative(
            self::COUNTS,
            ['technician' => Role::Technician->value, 'manager' => Role::Manager->value],
        );
        $row = false === $row ? [] : $row;

        return new Holdings(
            Column::int($row, 'models'),
            Column::int($row, 'sheets'),
            Column::int($row, 'oils'),
            Column::int($row, 'parts'),
            Column::int($row, 'boats'),
            Column::int($row, 'technicians'),
            Column::int($row, 'reviewers'),
        );
    }
}
