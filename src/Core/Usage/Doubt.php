<?php

declare(strict_types=1);

namespace FreshTack\Core\Usage;

/** What may be wrong with a reading. */
enum Doubt: string
{
    case Future = 'future';
    case BeforeInService = 'before_in_service';
    case Lower = 'lower';
    case AboveLater = 'above_later';
    case TooFast = 'too_fast';
    case Unusual = 'unusual';

    /** Whether whoever read it can say that it is right all the same. */
    public function canBeConfirmed(): bool
    {
        return self::TooFast === $this || self::Unusual === $this;
    }
}
