<?php

declare(strict_types=1);

namespace FreshTack\Core\Procedure;

use FreshTack\Core\Plan\Attitude;
use FreshTack\Core\Plan\Lockout;
use FreshTack\Core\Plan\Zone;

/** How the engine must stand for an operation, and how many hands it takes where. */
final readonly class Setting
{
    /**
     * @param Attitude|null $attitude     null: any, or as the sheet says
     * @param string|null   $attitudeFrom path of the sheet's value for the attitude
     * @param int           $people       pairs of hands
     * @param Mode|null     $mode         null: work; else it is put in where it is needed
     */
    public function __construct(
        public ?Attitude $attitude,
        public ?string $attitudeFrom,
        public Lockout $lockout,
        public ?Thermal $thermal,
        public Zone $zone,
        public int $people,
        public ?Mode $mode,
    ) {
    }
}
