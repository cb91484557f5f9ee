<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

enum EntryKind: string
{
    case Tick = 'tick';
    case Observation = 'observation';
    case Poured = 'poured';
    case TakenOut = 'taken_out';
    case Level = 'level';
    case Torque = 'torque';
    case Turns = 'turns';
    case Count = 'count';
    case NotDone = 'not_done';
    case Note = 'note';
    case Decision = 'decision';

    /** Whether a step that asks for `$asked` can take this. */
    public function answers(string $asked): bool
    {
        return match ($this) {
            self::NotDone, self::Note, self::Decision => true,
            self::Observation => \in_array($asked, ['oil_appearance', 'leaks', 'tell_tale'], true),
            self::Level, self::TakenOut => \in_array($asked, ['level', 'first_level'], true),
            self::Poured => \in_array($asked, ['poured', 'level', 'first_level'], true),
            default => $asked === $this->value,
        };
    }
}
