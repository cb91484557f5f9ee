<?php

declare(strict_types=1);

namespace FreshTack\Core\Schedule;

enum DueState: string
{
    case NotDue = 'not_due';
    case Soon = 'soon';
    case Due = 'due';
    case Overdue = 'overdue';
    case NoRecord = 'no_record';

    public function weight(): int
    {
        return match ($this) {
            self::NotDue => 0,
            self::Soon => 1,
            self::Due => 2,
            self::Overdue => 3,
            self::NoRecord => 4,
        };
    }
}
