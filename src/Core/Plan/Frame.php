<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** When work on the whole rig is done, seen from the work at its engines. */
enum Frame: string
{
    case First = 'first';
    case Between = 'between';
    case Last = 'last';
}
