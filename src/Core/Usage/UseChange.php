<?php

declare(strict_types=1);

namespace FreshTack\Core\Usage;

/** Since when an engine is used otherwise than before. */
final readonly class UseChange
{
    private const NEWS_FOR = '-1 year';

    /** @param float $factor how many times as much as before */
    public function __construct(public \DateTimeImmutable $since, public float $factor)
    {
    }

    /** Whether it is worth telling: what has been so for a year is how the engine is used. */
    public function isNewsOn(\DateTimeImmutable $day): bool
    {
        return $this->since > $day->modify(self::NEWS_FOR);
    }

    /** `since May 2026 about half of before`: the day is that of the reading after which it shows. */
    public function text(): string
    {
        return \sprintf('since %s %s', $this->since->format('M Y'), match (true) {
            $this->factor < 0.29 => 'a quarter of before at the most',
            $this->factor < 0.42 => 'about a third of before',
            $this->factor < 0.6 => 'about half of before',
            $this->factor < 1.0 => 'about two thirds of before',
            $this->factor < 1.75 => 'about half as much again as before',
            $this->factor < 2.5 => 'about twice as much as before',
            $this->factor < 3.5 => 'about three times as much as before',
            default => 'at least four times as much as before',
        });
    }
}
