<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

/** How a task ended. Only what was done moves a clock. */
enum Outcome: string
{
    case Done = 'done';
    /** Some of it, and it is said what is missing. */
    case Partly = 'partly';
    case NotDone = 'not_done';
    /** Taken out by the writer. */
    case Dropped = 'dropped';
    /** Nobody has finished it yet. */
    case Open = 'open';
}
