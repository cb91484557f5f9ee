<?php

declare(strict_types=1);

namespace FreshTack\Web;

use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Clock\MockClock;
use Symfony\Component\Clock\NativeClock;
use Symfony\Component\HttpFoundation\RequestStack;

/** The real clock, or one that stands still at the moment named in FRESH_TACK_NOW, for tests; in a demo a `DemoClock` over it. */
final readonly class ClockFactory
{
    public static function create(?string $now, bool $isDemo, RequestStack $requests): ClockInterface
    {
        $clock = null === $now || '' === $now ? new NativeClock('UTC') : new MockClock($now, 'UTC');

        return $isDemo ? new DemoClock($clock, $requests) : $clock;
    }
}
