<?php

declare(strict_types=1);

namespace FreshTack\Core\Fluid;

use FreshTack\Core\Quantity\Minutes;

/** A reading since the last run and the last pour, with which the one of now has to agree. */
final readonly class EarlierReading
{
    /** So far apart two readings are at least. */
    public const APART_MIN = 10;
    /** Two readings that differ by less than this share of the span are read as the same by two people. */
    private const SAME = '0.05';

    /** @param Minutes $ago how long before the one of now */
    public function __construct(public DipstickReading $reading, public Minutes $ago)
    {
    }

    public function isFarEnough(): bool
    {
        return $this->ago->count >= self::APART_MIN;
    }

    /** Exactly this share apart is no agreement any more. */
    public function agreesWith(DipstickReading $now): bool
    {
        return $this->reading->fraction->minus($now->fraction)->abs()->isLessThan(self::SAME);
    }
}
