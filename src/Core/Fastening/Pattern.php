<?php

declare(strict_types=1);

namespace FreshTack\Core\Fastening;

/** In which order the fasteners of one joint are tightened. */
enum Pattern: string
{
    case Any = 'any';
    case Alternate = 'alternate';
    case Cross = 'cross';
    case Spiral = 'spiral';

    public function label(): string
    {
        return match ($this) {
            self::Any => 'in any order',
            self::Alternate => 'alternately, side to side',
            self::Cross => 'crosswise',
            self::Spiral => 'in a spiral from the centre',
        };
    }

    /** Null where the order does not matter: nothing is said then. */
    public function told(): ?string
    {
        return self::Any === $this ? null : $this->label();
    }
}
