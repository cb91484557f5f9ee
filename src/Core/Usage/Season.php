<?php

declare(strict_types=1);

namespace FreshTack\Core\Usage;

/** How much of the year's use falls on each month: a day counts by its month's weight. */
final readonly class Season
{
    private const FARTHEST_MONTHS = 240;

    /** @param array<int, int> $weights by month 1 to 12, 0 to 100, at least one above 0 */
    private function __construct(private array $weights)
    {
    }

    public static function allYear(): self
    {
        return new self(array_fill(1, 12, 100));
    }

    /**
     * @param array<int, int> $shop   the shop's weights by month, 0 to 100
     * @param list<int>       $months in which this boat is used; a month that the shop has at 0 counts a little for it
     */
    public static function of(array $shop, array $months): self
    {
        $weights = [];
        for ($month = 1; $month <= 12; ++$month) {
            $weights[$month] = \in_array($month, $months, true) ? max(1, min(100, $shop[$month] ?? 100)) : 0;
        }

        return [] === $months ? self::allYear() : new self($weights);
    }

    /** Days of full use from one day to another, the last not counted. */
    public function daysBetween(\DateTimeImmutable $from, \DateTimeImmutable $to): float
    {
        $sum = 0.0;
        for ($day = $from; $day < $to; $day = $next) {
            $next = min($day->modify('first day of next month'), $to);
            $sum += $day->diff($next)->days * $this->weight($day) / 100;
        }

        return $sum;
    }

    /** The day on which so many days of full use have passed; null if that is more than twenty years away. */
    public function dayAfter(\DateTimeImmutable $from, float $days): ?\DateTimeImmutable
    {
        $day = $from;
        for ($months = 0; $months < self::FARTHEST_MONTHS; ++$months) {
            $next = $day->modify('first day of next month');
            $worth = $day->diff($next)->days * $this->weight($day) / 100;
            if ($days <= $worth) {
                return 0 === $this->weight($day) ? $day : $day->modify(\sprintf('+%d days', (int) ceil(round($days * 100 / $this->weight($day), 6))));
            }
            $days -= $worth;
            $day = $next;
        }

        return null;
    }

    private function weight(\DateTimeImmutable $day): int
    {
        return $this->weights[(int) $day->format('n')];
    }
}
