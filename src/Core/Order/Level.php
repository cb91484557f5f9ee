<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use FreshTack\Core\Fluid\DipstickSpec;
use FreshTack\Core\Quantity\Minutes;

/** All that judging a level on this engine takes, at the bench and on arrival. */
final readonly class Level
{
    /** @param bool $isReadTwice whether a reading counts only with another that agrees, ten minutes apart */
    public function __construct(
        public DipstickSpec $dipstick,
        public Minutes $restAfterRun,
        public Minutes $restAfterPour,
        public bool $isReadTwice = false,
    ) {
    }
}
