<?php

declare(strict_types=1);

namespace FreshTack\Shop;

use Psr\Clock\ClockInterface;

/** The day it is in the shop. */
final readonly class Today
{
    public function __construct(private ClockInterface $clock, private ShopSettings $settings)
    {
    }

    /** Midnight UTC of the shop's calendar day, so that days compare as days. */
    public function __invoke(): \DateTimeImmutable
    {
        return $this->of($this->clock->now());
    }

    /** The shop's day of a moment, likewise. */
    public function of(\DateTimeImmutable $at): \DateTimeImmutable
    {
        return new \DateTimeImmutable($at->setTimezone($this->settings->zone())->format('Y-m-d'), new \DateTimeZone('UTC'));
    }
}
