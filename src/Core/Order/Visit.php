<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use FreshTack\Core\Fluid\AirRange;
use FreshTack\Core\SpecBook\BoatSeparators;

/** Where and when an order is worked on, and in what air the boat is used. */
final readonly class Visit
{
    /**
     * @param bool           $sharedLockout whether keys, lanyards or batteries serve more than one engine
     * @param BoatSeparators $separators    those that are renewed stand beside the sheets of their engines already
     */
    public function __construct(
        public string $order,
        public \DateTimeImmutable $day,
        public Place $place,
        public AirRange $air,
        public bool $sharedLockout = false,
        public BoatSeparators $separators = new BoatSeparators(),
    ) {
    }
}
