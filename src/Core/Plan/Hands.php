<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** Whose time a work takes, and where at the engine. */
final readonly class Hands
{
    /** Minutes in which somebody is held by it. */
    public int $heldMin;

    /**
     * @param int $handsOnMin    minutes at work
     * @param int $presenceMin   minutes after them, of staying by a running engine
     * @param int $unattendedMin minutes after both, in which it goes on by itself
     * @param int $people        persons
     */
    public function __construct(
        public int $handsOnMin = 0,
        public int $presenceMin = 0,
        public int $unattendedMin = 0,
        public int $people = 1,
        public Zone $zone = Zone::Powerhead,
    ) {
        $this->heldMin = $handsOnMin + $presenceMin;
    }
}
