<?php

declare(strict_types=1);

namespace FreshTack\Storage\Chain;

use Doctrine\DBAL\Connection;
use FreshTack\Shop\Seal\Seals;

final readonly class StoredSeals implements Seals
{
    /** Hexadecimal digits of the seal that are printed; as many as nobody finds by trying. */
    private const PRINTED = 16;

    public function __construct(private Connection $connection, private ChainRows $rows)
    {
    }

    public function flawOfOrder(int $number): ?string
    {
        return $this->rows->flawOf(ChainName::ofOrder($number));
    }

    public function flawOfEngine(int $id): ?string
    {
        return $this->rows->flawOf(ChainName::ofEngine($id));
    }

    public function ofRecord(int $number): ?string
    {
        $seal = $this->connection->fetchOne('SELECT record_seal FROM work_order WHERE number = ?', [$number]);

        return \is_string($seal) ? implode(' ', str_split(substr($seal, 0, self::PRINTED), 4)) : null;
    }
}
