<?php

declare(strict_types=1);

namespace FreshTack\Storage\Upkeep;

use Doctrine\DBAL\Connection;
use Psr\Clock\ClockInterface;

/** Removes the rows that are only kept for a day: answers to presses, and failures to sign in. */
final readonly class SweepRows
{
    private const AFTER = '-1 day';

    public function __construct(private Connection $connection, private ClockInterface $clock)
    {
    }

    /** @return int how many were removed */
    public function __invoke(): int
    {
        $until = [$this->clock->now()->modify(self::AFTER)->setTimezone(new \DateTimeZone('UTC'))->format('Y-m-d H:i:s')];

        return (int) $this->connection->executeStatement('DELETE FROM press WHERE made_at < ?', $until)
            + (int) $this->connection->executeStatement('DELETE FROM login_failure WHERE last_at < ?', $until);
    }
}
