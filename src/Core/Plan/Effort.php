<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** How much is tried to find a short plan; counted in schedules and never in time, so that the same work gives the same plan. */
enum Effort: string
{
    /** One pass: for figures that must follow the hand. */
    case Quick = 'quick';
    /** For the timeline while an order is put together. */
    case Preview = 'preview';
    /** For an order that is issued. */
    case Full = 'full';

    private const PREVIEW_SCHEDULES = 10;
    /** Placings of single stretches: the more of them there are, the fewer schedules. */
    private const FULL_PLACINGS = 100_000;
    private const MOST_SCHEDULES = 2000;
    private const LEAST_SCHEDULES = 350;

    public function schedules(int $activities): int
    {
        return match ($this) {
            self::Quick => 1,
            self::Preview => self::PREVIEW_SCHEDULES,
            self::Full => max(self::LEAST_SCHEDULES, min(self::MOST_SCHEDULES, intdiv(self::FULL_PLACINGS, max(1, $activities)))),
        };
    }
}
