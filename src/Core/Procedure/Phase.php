<?php

declare(strict_types=1);

namespace FreshTack\Core\Procedure;

use FreshTack\Core\Plan\Frame;

/** The stations of a visit to the bench, in the order in which they come where nothing else decides. */
enum Phase: string
{
    case Place = 'place';
    case Arrival = 'arrival';
    case Open = 'open';
    case Cold = 'cold';
    case LowerUnit = 'lower_unit';
    /** Before any run: running mixes water into the gear lubricant. */
    case Gearcase = 'gearcase';
    case WarmUp = 'warm_up';
    case Drain = 'drain';
    case CloseDrain = 'close_drain';
    case Filter = 'filter';
    case Upkeep = 'upkeep';
    case Fill = 'fill';
    case FirstReading = 'first_reading';
    case Run = 'run';
    case Reading = 'reading';
    case Cover = 'cover';
    case Finish = 'finish';

    public function frame(): Frame
    {
        return match ($this) {
            self::Place => Frame::First,
            self::Cover, self::Finish => Frame::Last,
            default => Frame::Between,
        };
    }

    public function rank(): int
    {
        return (int) array_search($this, self::cases(), true);
    }
}
