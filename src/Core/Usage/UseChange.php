<?php

declare(strict_types=1);

namespace FreshTack\Core\Usage;

/** Since when an engine is used otherwise than before. */
final readonly class UseChange
{
    /** @param float $factor how many times as much as before */
    public function __construct(public \DateTimeImmutable $since, public float $factor)
    {
    }

    /** `since May 2026 about half of before`: the day is that of the reading after which it shows. */
    public function text(): string
    {
        return \sprintf('since %s about %s', $this->since->format('M Y'), match (true) {
            $this->factor < 0.29 => 'a quarter of before or less',
            $this->factor < 0.42 => 'a third of before',
            $this->factor < 0.6 => 'half of before',
            $this->factor < 1.0 => 'two thirds of before',
            $this->factor < 1.75 => 'half as much again as before',
            $this->factor < 2.5 => 'twice as much as before',
            $this->factor < 3.5 => 'three times as much as before',
            default => 'four times as much as before or more',
        });
    }
}
