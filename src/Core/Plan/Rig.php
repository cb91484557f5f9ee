<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** The engines at the bench, from port to starboard, and what they share. */
final readonly class Rig
{
    /**
     * @param list<Position> $positions
     * @param bool           $shared whether keys, lanyards or batteries serve more than one engine
     */
    public function __construct(public array $positions, public bool $shared = false)
    {
    }

    /** @return list<Position> those that hang beside it */
    public function beside(Position $position): array
    {
        $place = array_search($position, $this->positions, true);

        return \is_int($place)
            ? array_values(array_filter([$this->positions[$place - 1] ?? null, $this->positions[$place + 1] ?? null]))
            : [];
    }

    public function areBeside(Position $one, Position $other): bool
    {
        return \in_array($other, $this->beside($one), true);
    }
}
