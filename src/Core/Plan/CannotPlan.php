<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

use FreshTack\Core\ExpectedError;

/** Works that wait for each other in a circle: no plan can do both as the book asks. */
final class CannotPlan extends \DomainException implements ExpectedError
{
    public static function circle(PlannedWork $one, PlannedWork $other): self
    {
        return new self(\sprintf(
            'No plan can do both: "%s" must be over before "%s", and "%s" before "%s".'
            .' Change what one of them opens, closes, needs or belongs together with.',
            $one->title,
            $other->title,
            $other->title,
            $one->title,
        ));
    }

    public static function standstill(PlannedWork $one, PlannedWork $other): self
    {
        return new self(\sprintf(
            'No plan can do both: "%s" and "%s" bar each other\'s way.'
            .' Look at what they open, close and need, and how the engine must hang for each.',
            $one->title,
            $other->title,
        ));
    }

    public function errorKey(): string
    {
        return 'plan.circle';
    }
}
