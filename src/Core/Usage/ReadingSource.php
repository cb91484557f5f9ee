<?php

declare(strict_types=1);

namespace FreshTack\Core\Usage;

/** Who or what told the hours. */
enum ReadingSource: string
{
    case Counter = 'counter';
    case Reader = 'reader';
    case File = 'file';
    case Estimate = 'estimate';

    public function label(): string
    {
        return match ($this) {
            self::Counter => 'read off the meter',
            self::Reader => 'engine reader',
            self::File => 'taken in from a file',
            self::Estimate => 'the owner\'s estimate',
        };
    }
}
