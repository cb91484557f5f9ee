<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

enum PartFate: string
{
    case Fitted = 'fitted';
    /** Its operation was not done, or it was laid out and not needed: it goes back to the shelf. */
    case NotFitted = 'not_fitted';
    /** It was laid out, its operation is done, and nobody has said whether it went on. */
    case Unsaid = 'unsaid';
}
