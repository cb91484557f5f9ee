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
    /** The whole task is taken out by the writer, as far as it has not begun. */
    case Dropped = 'dropped';
    case Note = 'note';
    case Decision = 'decision';
    /** Nobody works on the order until something is there. */
    case Parked = 'parked';
    /** The entry that it corrects never was: a slip of the finger, noticed at once. */
    case TakenBack = 'taken_back';
    /** The engine is let go; nothing more is entered at it. */
    case Released = 'released';
    /** How many went on of a part that was laid out in case it was needed. */
    case PartUsed = 'part_used';
    /** Time that a demo lets pass. */
    case Waited = 'waited';
    /** Measured or seen, place by place. */
    case Measured = 'measured';
    /** Come upon, whatever the step asks for. */
    case Found = 'found';
    /** What becomes of something found. */
    case Settled = 'settled';
    /** Somebody has read the cautions of an engine's work from this lockout to the next. */
    case Acknowledged = 'acknowledged';

    /** Whether a step that asks for `$asked` can take this. */
    public function answers(string $asked): bool
    {
        return match ($this) {
            self::NotDone, self::Dropped, self::Note, self::Decision, self::Parked, self::TakenBack, self::Released,
            self::PartUsed, self::Waited, self::Found, self::Settled, self::Acknowledged => true,
            self::Observation => \in_array($asked, ['oil_appearance', 'arrival_level', 'leaks', 'tell_tale'], true),
            self::Level => \in_array($asked, ['level', 'first_level', 'level_once'], true),
            self::TakenOut => \in_array($asked, ['level', 'first_level'], true),
            self::Count => \in_array($asked, ['count', 'fasteners'], true),
            self::Poured => \in_array($asked, ['poured', 'level', 'first_level'], true),
            default => $asked === $this->value,
        };
    }

    /**
     * What somebody decides about, cautions that were read and parts that are counted keep their kind: else another word
     * would make them disappear.
     */
    public function isCorrectedBy(self $correction): bool
    {
        $kept = [self::PartUsed, self::Found, self::Settled, self::Acknowledged];
        $isNever = self::Measured === $this && !\in_array($correction, [self::Measured, self::NotDone, self::Dropped], true);

        return !$isNever && ($this === $correction || (!\in_array($this, $kept, true) && !\in_array($correction, $kept, true)));
    }

    /** Whether something was done, seen or measured; the others only tell. */
    public function isWork(): bool
    {
        return !\in_array(
            $this,
            [
                self::NotDone, self::Dropped, self::Note, self::Decision, self::Parked, self::TakenBack, self::Released, self::PartUsed,
                self::Waited, self::Found, self::Settled, self::Acknowledged,
            ],
            true,
        );
    }

    /** Whether it settles its step once and for all; oil is read, drained and filled up again. */
    public function isEnteredOnce(): bool
    {
        return \in_array(
            $this,
            [self::Tick, self::Observation, self::Torque, self::Turns, self::Count, self::Measured],
            true,
        );
    }

    /** Whether a step can be settled by it. */
    public function isAnswer(): bool
    {
        return self::NotDone === $this || self::Dropped === $this || $this->isWork();
    }
}
