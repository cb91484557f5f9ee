<?php

declare(strict_types=1);

namespace FreshTack\Core\Fluid;

use FreshTack\Core\Quantity\InvalidQuantity;
use FreshTack\Core\Quantity\Temperature;

/** The shop's own coldest and warmest air, month by month. */
final readonly class SeasonTable
{
    /** @param array<int, AirRange> $byMonth 1 to 12 */
    private function __construct(private array $byMonth)
    {
    }

    /**
     * @param array<int, AirRange> $byMonth
     *
     * @throws InvalidQuantity unless every month from 1 to 12 is there
     */
    public static function of(array $byMonth): self
    {
        return [] === array_diff(range(1, 12), array_keys($byMonth))
            ? new self($byMonth)
            : throw InvalidQuantity::offScale('A season table', \count($byMonth).' months', 'all twelve months');
    }

    /**
     * What the engine will meet in the months of a year in which the boat is used.
     *
     * @param non-empty-list<int> $monthsUsed 1 to 12
     *
     * @throws InvalidQuantity if a month is none of the twelve
     */
    public function airFor(array $monthsUsed): AirRange
    {
        $unknown = array_diff($monthsUsed, array_keys($this->byMonth));
        if ([] !== $unknown) {
            throw InvalidQuantity::offScale('A month', implode(', ', $unknown), '1 to 12');
        }
        $ranges = array_map(fn (int $month): AirRange => $this->byMonth[$month], $monthsUsed);

        return AirRange::of(
            Temperature::ofCelsius(min(array_map(static fn (AirRange $range): int => $range->coldest->celsius, $ranges))),
            Temperature::ofCelsius(max(array_map(static fn (AirRange $range): int => $range->warmest->celsius, $ranges))),
        );
    }
}
