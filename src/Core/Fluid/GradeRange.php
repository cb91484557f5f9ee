<?php

declare(strict_types=1);

namespace FreshTack\Core\Fluid;

use FreshTack\Core\Quantity\Temperature;

/** One row of a sheet's grade chart: the air in which this grade may be used, both ends included. */
final readonly class GradeRange
{
    public function __construct(public string $grade, public Temperature $from, public Temperature $to, public bool $preferred)
    {
    }

    public function covers(AirRange $air): bool
    {
        return $this->from->celsius <= $air->coldest->celsius && $air->warmest->celsius <= $this->to->celsius;
    }
}
