<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** How an engine hangs. */
enum Attitude: string
{
    case Vertical = 'vertical';
    case TiltedUp = 'tilted_up';
    case TrimmedIn = 'trimmed_in';

    public function label(): string
    {
        return str_replace('_', ' ', $this->value);
    }
}
