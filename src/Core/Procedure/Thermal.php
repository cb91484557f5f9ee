<?php

declare(strict_types=1);

namespace FreshTack\Core\Procedure;

/** The state of heat that work asks for. */
enum Thermal: string
{
    /** The engine has not run in this order. */
    case Cold = 'cold';
    /** Straight after the run that warms it, if the shop drains warm. */
    case Warm = 'warm';
}
