<?php

declare(strict_types=1);

namespace FreshTack\Web;

use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Clock\MockClock;
use Symfony\Component\Clock\NativeClock;

/** The real clock, or one that stands still at the moment named in FRESH_TACK_NOW, for tests. */
final readonly class ClockFactory
{
    public static function create(?string $now): ClockInterface
    {
        return null === $now || '' === $now ? new NativeClock('UTC') : new MockClock($now, 'UTC');
    }
}
