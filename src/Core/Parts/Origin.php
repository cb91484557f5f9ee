<?php

declare(strict_types=1);

namespace FreshTack\Core\Parts;

/** Whose part it is: the engine maker's own, or another's that the shop may use if its policy allows. */
enum Origin: string
{
    case Maker = 'maker';
    case Other = 'other';
}
