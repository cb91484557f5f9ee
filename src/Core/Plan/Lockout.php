<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** Whether work needs an engine that can't start, one that can, or does not mind. */
enum Lockout: string
{
    case Locked = 'locked';
    case Free = 'free';
    case Any = 'any';

    /** @return list<Gate> */
    public function gates(): array
    {
        return match ($this) {
            self::Locked => [Gate::NotRunning, Gate::LockedOut],
            self::Free => [Gate::NotLockedOut],
            self::Any => [],
        };
    }
}
