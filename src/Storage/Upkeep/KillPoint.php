<?php

declare(strict_types=1);

namespace FreshTack\Storage\Upkeep;

/**
 * Places at which the machine may go dark. A test names one in FRESH_TACK_KILL_AT, and the process is killed there as
 * with `kill -9`; otherwise nothing happens.
 */
final class KillPoint
{
    public static function reached(string $name): void
    {
        if ($name === getenv('FRESH_TACK_KILL_AT')) {
            posix_kill((int) getmypid(), \SIGKILL);
        }
    }
}
