<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook;

/** How a value came to stand on a sheet, and so whether it may be used. */
enum Standing: string
{
    /** Entered on this sheet, with its source. */
    case Own = 'own';
    /** Copied from another sheet, or entered without a source: nobody has looked it up for these engines. */
    case Unsourced = 'unsourced';
    /** From the family sheet; not safety-relevant, or confirmed by this sheet. */
    case Inherited = 'inherited';
    /** From the family sheet, safety-relevant, and not confirmed by this sheet. */
    case Unconfirmed = 'unconfirmed';
    /** Filled in on one order from the manual at hand. */
    case Filled = 'filled';

    public function isUsable(): bool
    {
        return self::Unsourced !== $this && self::Unconfirmed !== $this;
    }
}
