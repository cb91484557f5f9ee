<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

use FreshTack\Core\ExpectedError;

/** Works that wait for each other in a circle: no plan can do both as the book asks. */
final class CannotPlan extends \DomainException implements ExpectedError
{
    public static function circle(PlannedWork $one, PlannedWork $other): self
    {
        return new self(\sprintf('No plan can do both: "%s" must be over before "%s", and "%s" before "%s". Change what one of them opens, closes, needs or belongs together with.', $one->title, $other->title, $other->title, $one->title));
    }

    public static function standstill(): self
    {
        return new self('No plan can do all of this: something that is open bars the way to what would close it. Look at what the procedures of these tasks open, close and need.');
    }

    public function errorKey(): string
    {
        return 'plan.circle';
    }
}
