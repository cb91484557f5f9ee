<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** Where on an engine hands are: one pair at a time in each. */
enum Zone: string
{
    case Powerhead = 'powerhead';
    case Gearcase = 'gearcase';
    case Bracket = 'bracket';
    /** All of the engine: nobody else has hands on it meanwhile. */
    case Whole = 'whole';

    /** @return list<self> */
    public function parts(): array
    {
        return self::Whole === $this ? [self::Powerhead, self::Gearcase, self::Bracket] : [$this];
    }
}
