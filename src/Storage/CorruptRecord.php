<?php

declare(strict_types=1);

namespace FreshTack\Storage;

/** A stored row that can't be read back. That is our fault, never the user's: a 500, and in the log. */
final class CorruptRecord extends \RuntimeException
{
    public static function in(string $table, string $id, string $why, ?\Throwable $previous = null): self
    {
        return new self(\sprintf('Row %s of %s can\'t be read: %s', $id, $table, $why), 0, $previous);
    }
}
