<?php

declare(strict_types=1);

namespace FreshTack\Core\SpecBook;

/** Why no sheet may be used, in the order in which it is asked. */
enum RefusalReason: string
{
    case NotFourStroke = 'not_four_stroke';
    case SerialMalformed = 'serial_malformed';
    case Several = 'several';
    case Withdrawn = 'withdrawn';
    case None = 'none';
}
