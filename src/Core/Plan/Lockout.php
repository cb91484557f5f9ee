<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** How an engine must be secured for a work. */
enum Lockout: string
{
    /** No power: nothing answers. */
    case Locked = 'locked';
    /** Power on, the start inhibited, everybody's hands away. */
    case Powered = 'powered';
    /** Free to start. */
    case Free = 'free';
    case Any = 'any';

    /** @return list<Gate> */
    public function gates(): array
    {
        return match ($this) {
            self::Locked => [Gate::NotRunning, Gate::LockedOut],
            self::Powered => [Gate::NotRunning, Gate::StartInhibited],
            self::Free => [Gate::NotLockedOut],
            self::Any => [],
        };
    }
}
