<?php

declare(strict_types=1);

namespace FreshTack\Storage;

use Doctrine\DBAL\Connection;
use FreshTack\Shop\Bench\BenchMarks;
use FreshTack\Shop\NotFound;

final readonly class DoctrineBenchMarks implements BenchMarks
{
    private const LOOK = <<<'SQL'
        SELECT o.version, o.status, o.issued_at,
               (SELECT MAX(e.sequence) FROM bench_entry e WHERE e.work_order_id = o.number) AS entries,
               (SELECT CONCAT(COUNT(*), '-', COALESCE(MAX(c.id), 0)) FROM cart_confirmation c WHERE c.order_number = o.number) AS held,
               (SELECT SUM(CRC32(CONCAT(b.work, ' ', b.account, ' ', b.taken_at)))
                FROM bench_claim b WHERE b.order_number = o.number) AS claims
        FROM work_order o WHERE o.number = :number
        SQL;

    public function __construct(private Connection $connection)
    {
    }

    public function of(int $number): string
    {
        $row = $this->connection->fetchNumeric(self::LOOK, ['number' => $number]);
        if (false === $row) {
            throw NotFound::order($number);
        }

        $told = array_map(static fn (mixed $value): string => \is_scalar($value) ? (string) $value : '', $row);

        return hash('xxh128', implode("\n", $told));
    }
}
