<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan\Sequence;

/** Numbers that look like chance and are always the same, so that the same request gives the same plan. */
final class Dice
{
    private const SEED = 2_463_534_242;
    private const SPREAD = 2_654_435_761;
    private int $state;

    public function __construct(int $seed = 0)
    {
        $state = self::SEED ^ (($seed * self::SPREAD) & 0xFFFFFFFF);
        $this->state = 0 === $state ? self::SEED : $state;
    }

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
