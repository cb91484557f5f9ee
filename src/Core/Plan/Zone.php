<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** Where on an engine hands are: one person at a time in each. */
enum Zone: string
{
    case Powerhead = 'powerhead';
    /** Flywheel and belts with their guard off. */
    case Belts = 'belts';
    /** Propeller, gearcase and water inlets. */
    case Gearcase = 'gearcase';
    case Bracket = 'bracket';
    /** All of the engine: nobody else has hands on it meanwhile. */
    case Whole = 'whole';

    /** @return list<self> */
    public function parts(): array
    {
        return match ($this) {
            self::Whole => [self::Powerhead, self::Gearcase, self::Bracket],
            self::Belts => [self::Powerhead],
            default => [$this],
        };
    }

    public function meets(self $other): bool
    {
        foreach ($this->parts() as $part) {
            if (\in_array($part, $other->parts(), true)) {
                return true;
            }
        }

        return false;
    }

    /** Whether hands are where the engine beside it would hurt them when it runs. */
    public function isInReach(): bool
    {
        return self::Powerhead !== $this && self::Bracket !== $this;
    }

    /** Above the water or below it; null: within reach of both. */
    public function isBelow(): ?bool
    {
        return match ($this) {
            self::Powerhead, self::Belts => false,
            self::Gearcase => true,
            self::Bracket, self::Whole => null,
        };
    }
}
