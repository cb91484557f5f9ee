<?php

declare(strict_types=1);

namespace FreshTack\Storage;

use Doctrine\ORM\EntityManagerInterface;
use FreshTack\Shop\Account\LoginFailures;

final readonly class DoctrineLoginFailures implements LoginFailures
{
    public function __construct(private EntityManagerInterface $entities)
    {
    }

    public function of(string $counted): array
    {
        $row = $this->entities->getConnection()->fetchNumeric(
            'SELECT failures, last_at FROM login_failure WHERE who = ?',
            [hash('sha256', $counted)],
        );
        [$failures, $last] = false === $row ? [0, null] : $row;

        return [is_numeric($failures) ? (int) $failures : 0, \is_string($last) ? new \DateTimeImmutable($last, new \DateTimeZone('UTC')) : null];
    }

    public function add(string $counted, \DateTimeImmutable $at): void
    {
        $this->entities->getConnection()->executeStatement(
            'INSERT INTO login_failure (who, failures, last_at) VALUES (?, 1, ?) ON DUPLICATE KEY UPDATE failures = failures + 1, last_at = VALUES(last_at)',
            [hash('sha256', $counted), $at->format('Y-m-d H:i:s')],
        );
    }

    public function forget(string $counted): void
    {
        $this->entities->getConnection()->executeStatement('DELETE FROM login_failure WHERE who = ?', [hash('sha256', $counted)]);
    }
}
