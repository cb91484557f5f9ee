<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan\Sequence;

/** Numbers that look like chance and are always the same, so that the same request gives the same plan. */
final class Dice
{
    private const SEED = 2_463_534_242;
    private int $state = self::SEED;

    /** @return int from 0 to below `$sides` */
    public function roll(int $sides): int
    {
        $state = $this->state;
        $state ^= ($state << 13) & 0xFFFFFFFF;
        $state ^= $state >> 17;
        $state ^= ($state << 5) & 0xFFFFFFFF;
        $this->state = $state;

        return $state % $sides;
    }
}
