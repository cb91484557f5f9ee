<?php

declare(strict_types=1);

namespace FreshTack\Core\Usage;

/**
 * How fast an engine gathers hours, in tenths of an hour a day of full use: the median of the slopes between all
 * pairs of readings, which one wrong reading in four does not move far, with the quartiles as its range.
 */
final readonly class UseRate
{
    private const YEARS = 3;
    private const NEVER_SURER = 0.1;
    private const FEW_SPREAD = 0.4;
    private const FEW = 4;

    private function __construct(public float $low, public float $likely, public float $high, public int $points, private Season $season)
    {
    }

    /**
     * The readings of the last three years. An engine with fewer than two readings since starts at 0 h on the day in
     * service; without any reading nothing is known.
     */
    public static function from(HourLog $log, \DateTimeImmutable $inService, Season $season): ?self
    {
        $latest = $log->latest();
        if (null === $latest) {
            return null;
        }
        $since = $latest->on->modify(\sprintf('-%d years', self::YEARS));
        $points = [];
        foreach ($log->measured() as $reading) {
            if ($reading->on >= $since) {
                $points[$reading->on->format('Y-m-d')] = [$season->daysBetween($inService, $reading->on), $reading->total()->tenths];
            }
        }
        if ($inService >= $since || \count($points) < 2) {
            $points = [[0.0, 0], ...array_values($points)];
        }

        return self::robust(array_values($points), $season);
    }

    /** Few readings give a wide range, and say so. */
    public function isThin(): bool
    {
        return $this->points < self::FEW;
    }

    public function tenthsBetween(\DateTimeImmutable $from, \DateTimeImmutable $to): float
    {
        return $this->likely * $this->season->daysBetween($from, $to);
    }

    /** Tenths of an hour a year at this rate. */
    public function tenthsAYear(\DateTimeImmutable $from): float
    {
        return $this->tenthsBetween($from, $from->modify('+1 year'));
    }

    /** When so many hours more will have been run, counted from the day of the last reading; null if never within twenty years. */
    public function reach(int $tenths, \DateTimeImmutable $readOn): ?Forecast
    {
        $likely = $this->dayOf($tenths, $this->likely, $readOn);

        return null === $likely ? null : new Forecast($this->dayOf($tenths, $this->high, $readOn) ?? $likely, $likely, $this->dayOf($tenths, $this->low, $readOn), $this->points, $this->isThin());
    }

    private function dayOf(int $tenths, float $rate, \DateTimeImmutable $from): ?\DateTimeImmutable
    {
        return $rate <= 0.0 ? null : $this->season->dayAfter($from, max(0, $tenths) / $rate);
    }

    /** @param list<array{float, int}> $points days of full use, and total tenths */
    private static function robust(array $points, Season $season): ?self
    {
        $slopes = [];
        foreach ($points as $index => [$day, $tenths]) {
            foreach (\array_slice($points, $index + 1) as [$laterDay, $laterTenths]) {
                if ($laterDay - $day >= 1.0) {
                    $slopes[] = ($laterTenths - $tenths) / ($laterDay - $day);
                }
            }
        }
        if ([] === $slopes) {
            return null;
        }
        sort($slopes);
        $likely = self::quantile($slopes, 0.5);
        $spread = \count($points) < self::FEW ? self::FEW_SPREAD : self::NEVER_SURER;

        return new self(
            min(self::quantile($slopes, 0.25), $likely * (1 - $spread)),
            $likely,
            max(self::quantile($slopes, 0.75), $likely * (1 + $spread)),
            \count($points),
            $season,
        );
    }

    /** @param non-empty-list<float|int> $sorted */
    private static function quantile(array $sorted, float $share): float
    {
        $place = $share * (\count($sorted) - 1);
        $below = (int) floor($place);
        $above = min($below + 1, \count($sorted) - 1);

        return $sorted[$below] + ($place - $below) * ($sorted[$above] - $sorted[$below]);
    }
}
