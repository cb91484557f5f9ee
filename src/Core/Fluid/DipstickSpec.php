<?php

declare(strict_types=1);

namespace FreshTack\Core\Fluid;

use FreshTack\Core\Quantity\Volume;

/** What a sheet and the shop know of one dipstick: its span, its target, the largest single top-up, the step of a jug. */
final readonly class DipstickSpec
{
    public function __construct(public Volume $span, public DipstickBand $band, public Volume $topUpMax, public Volume $roundTo, public Aim $aim = Aim::Middle)
    {
    }

    /** Whole steps of the jug within these millilitres. A step is never larger than the largest top-up. */
    public function inSteps(int $millilitres): int
    {
        return ($this->topUpMax->isAtLeast($this->roundTo) ? $this->roundTo : $this->topUpMax)->wholeTimesWithin($millilitres);
    }
}
