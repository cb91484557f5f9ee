<?php

declare(strict_types=1);

namespace FreshTack\Core\Procedure;

/** The stations of a visit to the bench, in their order; all engines of a rig pass a station before the next begins. */
enum Phase: string
{
    case Place = 'place';
    case WarmUp = 'warm_up';
    case LockOut = 'lock_out';
    case Open = 'open';
    case Drain = 'drain';
    case CloseDrain = 'close_drain';
    case Filter = 'filter';
    case Fill = 'fill';
    case FirstReading = 'first_reading';
    case Run = 'run';
    case Reading = 'reading';
    case Cover = 'cover';
    case Finish = 'finish';

    public function rank(): int
    {
        return (int) array_search($this, self::cases(), true);
    }
}
