<?php

declare(strict_types=1);

namespace FreshTack\Core\Finding;

/** How much old oil came out, where nobody measures it. */
enum CameOut: string
{
    case Little = 'little';
    case Usual = 'usual';
    case More = 'more';

    public function label(): string
    {
        return match ($this) {
            self::Little => 'little came out',
            self::Usual => 'as much as it takes came out',
            self::More => 'more came out than it takes',
        };
    }

    /** Somebody decides about it before the engine is released; null: nobody has to. */
    public function meaning(): ?string
    {
        return self::More === $this ? 'Diluted by fuel or water, or it was overfilled: find out which.' : null;
    }
}
