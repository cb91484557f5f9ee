<?php

declare(strict_types=1);

namespace FreshTack\Core\Fluid;

use FreshTack\Core\Quantity\Minutes;

/** One reading and what is known of it. */
final readonly class LevelQuestion
{
    /**
     * @param bool    $hasRun       the engine has run in this order
     * @param Minutes $rest         since the run, or since the last pour, whichever is later
     * @param Minutes $restRequired the rest that applies to that event
     * @param bool    $isAskedTwice whether it counts only with another that agrees
     * @param EarlierReading|null $earlier the reading before it, if there was one since the last run and the last pour
     */
    public function __construct(
        public DipstickReading $reading,
        public bool $onArrival,
        public bool $hasRun,
        public Minutes $rest,
        public Minutes $restRequired,
        public bool $isAskedTwice = false,
        public ?EarlierReading $earlier = null,
    ) {
    }
}
