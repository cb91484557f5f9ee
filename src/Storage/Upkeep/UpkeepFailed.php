<?php

declare(strict_types=1);

namespace FreshTack\Storage\Upkeep;

/** A backup, a restore or an upgrade that could not be done; its message is for whoever runs the shop's machine. */
final class UpkeepFailed extends \RuntimeException
{
    public static function unwritten(string $path): self
    {
        return new self("$path can't be written: is the disk full?");
    }
}
