<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** What a work does to a gate. */
enum Change: string
{
    case Met = 'met';
    case Broken = 'broken';
    /** Broken and met again, or opened or closed: the order among such is kept. */
    case Both = 'both';
}
