<?php

declare(strict_types=1);

namespace FreshTack\Core\Parts;

/** What holding a number against an order found. Only what fits may be fitted. */
enum CartState: string
{
    case Fits = 'fits';
    case OldNumber = 'old_number';
    case OtherEngine = 'other_engine';
    case OtherSide = 'other_side';
    case InKit = 'in_kit';
    case Unknown = 'unknown';
}
