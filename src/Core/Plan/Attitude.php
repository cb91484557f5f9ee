<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** How an engine hangs. */
enum Attitude: string
{
    case Vertical = 'vertical';
    case TiltedUp = 'tilted_up';
    case TrimmedIn = 'trimmed_in';
    case PartWay = 'part_way';
    case SteeredOver = 'steered_over';
    case LaidOver = 'laid_over';

    public function label(): string
    {
        return str_replace('_', ' ', $this->value);
    }
}
