<?php

declare(strict_types=1);

namespace FreshTack\Core\Procedure;

use FreshTack\Core\Plan\Lockout;
use FreshTack\Core\Plan\Zone;

/** How the engine must stand for an operation, and how many people it takes where. */
final readonly class Setting
{
    /**
     * @param int    $people   persons
     * @param string $together operations of one name are done in one go; empty: alone
     */
    public function __construct(
        public AttitudeNeed $attitude,
        public Lockout $lockout,
        public ?Thermal $thermal,
        public Zone $zone,
        public int $people = 1,
        public string $together = '',
    ) {
    }
}
