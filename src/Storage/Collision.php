<?php

declare(strict_types=1);

namespace FreshTack\Storage;

use Doctrine\DBAL\Driver\Exception as DriverException;
use Doctrine\DBAL\Exception\ForeignKeyConstraintViolationException;
use Doctrine\DBAL\Exception\RetryableException;
use Doctrine\DBAL\Exception\UniqueConstraintViolationException;
use Doctrine\ORM\OptimisticLockException;

/** Two who changed the same at once: a deadlock, a wait that was too long, a key that was just taken, a row that is newer. */
final readonly class Collision
{
    /** The row is newer than our view of it. */
    private const CHECKREAD = 1020;
    /** A savepoint is gone: the server has given the transaction up, and that is what hid it. */
    private const NO_SAVEPOINT = 1305;

    public static function isBehind(\Throwable $error): bool
    {
        foreach (Causes::of($error) as $cause) {
            if (self::isOne($cause)) {
                return true;
            }
        }

        return false;
    }

    private static function isOne(\Throwable $error): bool
    {
        return $error instanceof RetryableException
            || $error instanceof OptimisticLockException
            || $error instanceof UniqueConstraintViolationException
            || $error instanceof ForeignKeyConstraintViolationException
            || ($error instanceof DriverException && \in_array($error->getCode(), [self::CHECKREAD, self::NO_SAVEPOINT], true));
    }
}
