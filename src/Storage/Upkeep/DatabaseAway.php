<?php

declare(strict_types=1);

namespace FreshTack\Storage\Upkeep;

use Doctrine\DBAL\Driver\Exception as DriverException;
use FreshTack\Shop\Away;
use FreshTack\Storage\Causes;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;

/** A database that is not there, or has no room left, is told as that and not as a fault of ours. */
#[AsEventListener(priority: 100)]
final readonly class DatabaseAway
{
    /** No server, too many connections, shutting down, connection lost, not live yet. */
    private const AWAY = [1040, 1053, 1077, 1927, 2002, 2003, 2006, 2013, 2055, 4031];
    /** No room left, or nothing may be written. */
    private const FULL = [3, 1021, 1026, 1030, 1036, 1114, 1290, 1836];

    public function __invoke(ExceptionEvent $event): void
    {
        $event->setThrowable(self::behind($event->getThrowable()) ?? $event->getThrowable());
    }

    public static function behind(\Throwable $error): ?Away
    {
        foreach (Causes::of($error) as $cause) {
            $code = $cause instanceof DriverException ? $cause->getCode() : 0;
            if (\in_array($code, self::AWAY, true)) {
                return Away::database($error);
            }
            if (\in_array($code, self::FULL, true)) {
                return Away::diskFull($error);
            }
        }

        return null;
    }
}
