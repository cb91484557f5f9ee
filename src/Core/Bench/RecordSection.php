<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

use FreshTack\Core\Finding\Observation;

/** Where on an owner's page an entry is told. */
enum RecordSection: string
{
    /** How the engine came. */
    case AsFound = 'as_found';
    /** How it is now. */
    case Measured = 'measured';
    /** What was tightened, turned and counted. */
    case Set = 'set';
    case NotDone = 'not_done';
    /** What was not as it should be, and what was decided about it. */
    case Deviation = 'deviation';
    /** In the log only. */
    case Log = 'log';

    public static function of(Entry $entry, BenchStep $step): self
    {
        if ($entry->told->happened) {
            return self::Deviation;
        }

        return match ($entry->content->kind) {
            EntryKind::Decision => self::Deviation,
            EntryKind::NotDone, EntryKind::Dropped => self::NotDone,
            EntryKind::Torque, EntryKind::Turns, EntryKind::Count => self::Set,
            EntryKind::TakenOut, EntryKind::Found => self::AsFound,
            EntryKind::Observation => Observation::isOfArrival($step->entry) ? self::AsFound : self::Measured,
            EntryKind::Measured => true === $step->measure?->measure->tellsHowItCame() ? self::AsFound : self::Measured,
            EntryKind::Level, EntryKind::Poured => self::Measured,
            default => self::Log,
        };
    }
}
