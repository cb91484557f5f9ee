<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook;

/** How many fuel separators a boat has between its tank and its engines. */
enum SeparatorCount: string
{
    case Unknown = 'unknown';
    case None = 'none';
    case One = 'one';
    case Each = 'each';

    public function isFitted(): bool
    {
        return self::One === $this || self::Each === $this;
    }
}
