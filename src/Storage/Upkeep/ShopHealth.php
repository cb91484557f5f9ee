<?php

declare(strict_types=1);

namespace FreshTack\Storage\Upkeep;

use Doctrine\DBAL\Connection;
use FreshTack\Shop\Health;
use FreshTack\Storage\Background\WorkerPulse;

/**
 * Asks of which version the tables are, the worker's pulse, the queue and the disk. A database that is away answers for
 * itself, as everywhere.
 */
final readonly class ShopHealth implements Health
{
    /** Between two jobs the worker is seen every few seconds; a job may take some minutes. */
    private const WORKER_SECONDS = 600;
    private const QUEUE_SECONDS = 900;
    /** Prints, a backup and a day's work have room in it. */
    private const DISK_MB = 500;

    public function __construct(
        private Connection $connection,
        private TablesVersion $tables,
        private WorkerPulse $worker,
        private string $dataDir,
    ) {
    }

    public function checks(): array
    {
        $age = $this->worker->age();
        $free = @disk_free_space($this->dataDir);
        $freeMb = false === $free ? null : (int) ($free / 1_000_000);

        return [
            'tables' => ['ok' => $this->tables->isThis()],
            'worker' => ['ok' => null !== $age && $age <= self::WORKER_SECONDS, 'seenSecondsAgo' => $age],
            'queue' => $this->queue(),
            'disk' => ['ok' => null !== $freeMb && $freeMb >= self::DISK_MB, 'freeMb' => $freeMb],
        ];
    }

    /** @return array{ok: bool, waiting: int, oldestSeconds: int} */
    private function queue(): array
    {
        $asked = $this->connection->fetchNumeric('SELECT COUNT(*), COALESCE(MAX(TIMESTAMPDIFF(SECOND, available_at, UTC_TIMESTAMP())), 0)'
            .' FROM background_message WHERE delivered_at IS NULL AND available_at <= UTC_TIMESTAMP()');
        [$waiting, $oldest] = array_map(
            static fn (mixed $each): int => is_numeric($each) ? (int) $each : 0,
            false === $asked ? [0, 0] : $asked,
        );

        return ['ok' => $oldest <= self::QUEUE_SECONDS, 'waiting' => $waiting, 'oldestSeconds' => $oldest];
    }
}
