<?php

declare(strict_types=1);

namespace FreshTack\Core\Fluid;

final readonly class GradeChoice
{
    public function __construct(public GradeRange $range, private string $because)
    {
    }

    public function why(AirRange $air): string
    {
        return \sprintf('Air from %s: %s covers %s to %s, and %s.', $air->text(), $this->range->grade, $this->range->from->text(), $this->range->to->text(), $this->because);
    }
}
