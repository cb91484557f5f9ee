<?php

declare(strict_types=1);

namespace FreshTack\Core\Usage;

/** What an engine ran between two readings. */
final readonly class UseStretch
{
    /**
     * @param float $days   of full use, at least one
     * @param float $tenths of an hour
     * @param float $weight how much it counts: 1 is in full
     */
    public function __construct(
        public \DateTimeImmutable $began,
        public float $days,
        public float $tenths,
        public float $weight = 1.0,
    ) {
    }

    public function counting(float $share): self
    {
        return new self($this->began, $this->days, $this->tenths, $this->weight * $share);
    }

    /**
     * @param list<self> $stretches
     *
     * @return float tenths of an hour a day of full use, each stretch by its weight; nought if none counts
     */
    public static function rate(array $stretches): float
    {
        $days = self::days($stretches);

        return $days <= 0.0
            ? 0.0
            : array_sum(array_map(static fn (self $each): float => $each->weight * $each->tenths, $stretches)) / $days;
    }

    /**
     * @param list<self> $stretches
     *
     * @return float days of full use, by weight
     */
    public static function days(array $stretches): float
    {
        return array_sum(array_map(static fn (self $each): float => $each->weight * $each->days, $stretches));
    }
}
