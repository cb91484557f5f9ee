<?php

declare(strict_types=1);

namespace FreshTack\Core\Usage;

use FreshTack\Core\Quantity\EngineHours;

/** What a meter showed on a day. After a new meter was fitted, the offset brings its figure back to the engine's true total. */
final readonly class HourReading
{
    /**
     * @param EngineHours $meter        as shown
     * @param int         $offsetTenths tenths of an hour to add; 0 on an engine's first meter, below zero for a meter that was set ahead
     */
    public function __construct(
        public \DateTimeImmutable $on,
        public EngineHours $meter,
        public int $offsetTenths = 0,
        public ReadingSource $source = ReadingSource::Counter,
    ) {
    }

    /** The hours that the engine has run in all. */
    public function total(): EngineHours
    {
        return $this->meter->shiftedBy($this->offsetTenths);
    }

    public function isEstimate(): bool
    {
        return ReadingSource::Estimate === $this->source;
    }

    /** The same figure of the same meter on the same day, whoever told it. */
    public function isSameAs(self $other): bool
    {
        return [$this->on->format('Y-m-d'), $this->meter->tenths, $this->offsetTenths, $this->isEstimate()] === [$other->on->format('Y-m-d'), $other->meter->tenths, $other->offsetTenths, $other->isEstimate()];
    }
}
