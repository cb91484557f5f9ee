<?php

declare(strict_types=1);

namespace FreshTack\Core\Usage;

use FreshTack\Core\Quantity\EngineHours;

/** An engine's readings, oldest first. Estimates are kept and shown, and never counted. */
final readonly class HourLog
{
    /** @var list<HourReading> */
    public array $readings;

    /** @param list<HourReading> $readings in any order; of one day, in the order in which they were taken */
    public function __construct(array $readings)
    {
        usort($readings, static fn (HourReading $a, HourReading $b): int => $a->on <=> $b->on);
        $this->readings = $readings;
    }

    /** The latest that a meter showed. */
    public function latest(): ?HourReading
    {
        $measured = $this->measured();

        return [] === $measured ? null : $measured[\count($measured) - 1];
    }

    public function total(): ?EngineHours
    {
        return $this->latest()?->total();
    }

    /** @return list<HourReading> */
    public function measured(): array
    {
        return array_values(array_filter($this->readings, static fn (HourReading $reading): bool => !$reading->isEstimate()));
    }

    public function lastUntil(\DateTimeImmutable $day): ?HourReading
    {
        $before = array_values(array_filter($this->measured(), static fn (HourReading $reading): bool => $reading->on <= $day));

        return [] === $before ? null : $before[\count($before) - 1];
    }

    public function firstAfter(\DateTimeImmutable $day): ?HourReading
    {
        foreach ($this->measured() as $reading) {
            if ($reading->on > $day) {
                return $reading;
            }
        }

        return null;
    }

    public function has(HourReading $reading): bool
    {
        return [] !== array_filter($this->readings, $reading->isSameAs(...));
    }
}
