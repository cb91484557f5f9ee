<?php

declare(strict_types=1);

namespace FreshTack\Core\Usage;

/**
 * How fast an engine gathers hours, in tenths of an hour a day of full use, and how sure that is. Each stretch between two
 * readings tells a rate; recent ones weigh more, and where use has changed those before it hardly count. Three things
 * make the future unsure: use comes in lumps (`noise`, as variance of the tenths a day), one year is not like the other,
 * and what is known rests on few readings (`error`). docs/decisions/0028-the-forecast.md has the figures.
 */
final readonly class UseRate
{
    private const YEARS = 3;
    private const FEW = 4;
    /** Years after which a stretch counts half. */
    private const HALF_LIFE_YEARS = 1.0;
    /** Of the normal distribution: eight of ten lie within so many standard deviations. */
    private const EIGHT_OF_TEN = 1.2816;
    /** Relative standard deviation of one year's use, and of one week's. */
    private const YEAR_TO_YEAR = 0.19;
    private const WEEK_TO_WEEK = 0.85;
    private const DAYS_A_WEEK = 7;
    /** As many stretches count for what is usual of all engines before an engine's own do. */
    private const USUAL_COUNTS = 3.0;
    /** What stands before a change of use counts so much. */
    private const BEFORE_CHANGE = 0.01;
    /** A last stretch so many times as fast as the others is not believed, if there are others. */
    private const LEAP = 5.0;
    private const LEAP_AFTER = 2;
    /** A change has to be so many standard deviations from none, and so many times as much or as little. */
    private const CHANGE_SURE = 2.0;
    private const CHANGE_LEAST = 1.4;
    /** What little was seen of an engine says at the most so little of a year. */
    private const LEAST_YEARS = 0.3;
    /** All hours of a day. */
    private const MOST_TENTHS_A_DAY = 240.0;

    private function __construct(
        public float $likely,
        private float $noise,
        private float $error,
        public int $points,
        public ?UseChange $change,
        private Season $season,
    ) {
    }

    /** Days of full use, in a year like any other. */
    private static function daysAYear(Season $season): float
    {
        return $season->daysBetween(new \DateTimeImmutable('2025-01-01'), new \DateTimeImmutable('2026-01-01'));
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
                $points[$reading->on->format('Y-m-d')] = [
                    $season->daysBetween($inService, $reading->on),
                    $reading->total()->tenths,
                    $reading->on,
                ];
            }
        }
        if ($inService >= $since || \count($points) < 2) {
            $points = [[0.0, 0, $inService], ...array_values($points)];
        }
        $stretches = self::stretches(self::believable(array_values($points)), self::HALF_LIFE_YEARS * self::daysAYear($season));

        return [] === $stretches ? null : self::of($stretches, \count($points), $season);
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
        $factor = exp(self::EIGHT_OF_TEN * $this->doubt($tenths));

        return null === $likely
            ? null
            : new Forecast(
                $this->dayOf($tenths, $this->likely * $factor, $readOn) ?? $likely,
                $likely,
                $this->dayOf($tenths, $this->likely / $factor, $readOn),
                $this->points,
                $this->isThin(),
            );
    }

    /** Relative standard deviation of the days until so many tenths more are run. */
    private function doubt(int $tenths): float
    {
        if ($this->likely <= 0.0) {
            return 0.0;
        }
        $years = $tenths / $this->likely / self::daysAYear($this->season);

        return sqrt($this->noise / ($this->likely * max(1, $tenths)) + self::YEAR_TO_YEAR ** 2 / max(1.0, $years) + $this->error);
    }

    private function dayOf(int $tenths, float $rate, \DateTimeImmutable $from): ?\DateTimeImmutable
    {
        return $rate <= 0.0 ? null : $this->season->dayAfter($from, max(0, $tenths) / $rate);
    }

    /**
     * Hours never go down: of readings that contradict each other as many are kept as agree. One that asks for more than
     * all hours of the days before it does not agree either.
     *
     * @param list<array{float, int, \DateTimeImmutable}> $points
     *
     * @return list<array{float, int, \DateTimeImmutable}>
     */
    private static function believable(array $points): array
    {
        $chains = [];
        foreach ($points as $place => [$day, $tenths]) {
            $best = [];
            foreach ($chains as $before => $chain) {
                [$earlier, $less] = $points[$before];
                $isPossible = $less <= $tenths && $tenths - $less <= max(1.0, $day - $earlier) * self::MOST_TENTHS_A_DAY;
                $best = $isPossible && \count($chain) >= \count($best) ? $chain : $best;
            }
            $chains[$place] = [...$best, $place];
        }
        $longest = [];
        foreach ($chains as $chain) {
            $longest = \count($chain) >= \count($longest) ? $chain : $longest;
        }

        return array_map(static fn (int $place): array => $points[$place], $longest);
    }

    /**
     * @param list<array{float, int, \DateTimeImmutable}> $points
     * @param float                                      $halfLife days of full use
     *
     * @return list<UseStretch> between readings that are a day of full use apart or more
     */
    private static function stretches(array $points, float $halfLife): array
    {
        $stretches = [];
        $from = $points[0] ?? null;
        foreach ($points as $point) {
            if (null !== $from && $point[0] - $from[0] >= 1.0) {
                $age = $points[\count($points) - 1][0] - ($point[0] + $from[0]) / 2;
                $stretches[] = new UseStretch($from[2], $point[0] - $from[0], (float) ($point[1] - $from[1]), 0.5 ** ($age / $halfLife));
                $from = $point;
            }
        }

        return $stretches;
    }

    /** @param non-empty-list<UseStretch> $stretches */
    private static function of(array $stretches, int $points, Season $season): self
    {
        [$change, $place] = self::change($stretches);
        $counted = self::withoutLeap(array_map(
            static fn (UseStretch $stretch, int $at): UseStretch => $at < $place ? $stretch->counting(self::BEFORE_CHANGE) : $stretch,
            $stretches,
            array_keys($stretches),
        ));
        $rate = UseStretch::rate($counted);
        $noise = self::noise($counted, $rate);
        $known = UseStretch::days($counted);
        $squares = array_sum(array_map(static fn (UseStretch $stretch): float => $stretch->weight ** 2 * $stretch->days, $counted));
        $error = $rate <= 0.0 ? 0.0 : $noise * $squares / ($rate * $known) ** 2 + self::YEAR_TO_YEAR ** 2 / max(
            self::LEAST_YEARS,
            $known / self::daysAYear($season),
        );

        return new self($rate, $noise, $error, $points, $change, $season);
    }

    /**
     * A last reading that is many times beyond what the others tell is wrong more often than not: until another agrees
     * with it, it does not count.
     *
     * @param list<UseStretch> $stretches
     *
     * @return list<UseStretch>
     */
    private static function withoutLeap(array $stretches): array
    {
        $others = \array_slice($stretches, 0, -1);
        $last = $stretches[\count($others)] ?? null;
        $rate = UseStretch::rate($others);

        return null !== $last && \count($others) >= self::LEAP_AFTER && $rate > 0.0 && $last->tenths / $last->days > self::LEAP * $rate
            ? $others
            : $stretches;
    }

    /**
     * Variance of the tenths a day: what is usual of engines, and this one's own as far as it has shown it.
     *
     * @param list<UseStretch> $stretches
     */
    private static function noise(array $stretches, float $rate): float
    {
        $usual = self::DAYS_A_WEEK * (self::WEEK_TO_WEEK * $rate) ** 2;
        $own = array_sum(
            array_map(
                static fn (UseStretch $stretch): float => $stretch->weight
                    * ($stretch->tenths - $rate * $stretch->days) ** 2 / $stretch->days,
                $stretches,
            ),
        );
        $count = array_sum(array_map(static fn (UseStretch $stretch): float => $stretch->weight, $stretches));

        return (self::USUAL_COUNTS * $usual + $own) / (self::USUAL_COUNTS + max(0.0, $count - 1));
    }

    /**
     * Where use has changed so much that chance hardly explains it; one stretch alone shows no change.
     *
     * @param non-empty-list<UseStretch> $stretches
     *
     * @return array{UseChange|null, int} and the first stretch after it
     */
    private static function change(array $stretches): array
    {
        $found = null;
        $first = 0;
        $surest = self::CHANGE_SURE;
        $even = array_map(static fn (UseStretch $stretch): UseStretch => $stretch->counting(1 / $stretch->weight), $stretches);
        for ($place = 1; $place < \count($even) - 1; ++$place) {
            [$before, $after] = [\array_slice($even, 0, $place), \array_slice($even, $place)];
            [$one, $other] = [UseStretch::rate($before), UseStretch::rate($after)];
            if ($one <= 0.0 || $other <= 0.0) {
                continue;
            }
            $apart = abs(log($other / $one));
            $lumps = self::DAYS_A_WEEK * self::WEEK_TO_WEEK ** 2 * (1 / UseStretch::days($before) + 1 / UseStretch::days($after));
            $sure = $apart / sqrt($lumps + 0.5 * self::YEAR_TO_YEAR ** 2);
            if ($sure > $surest && $apart > log(self::CHANGE_LEAST)) {
                [$found, $first, $surest] = [new UseChange($stretches[$place]->began, $other / $one), $place, $sure];
            }
        }

        return [$found, $first];
    }
}
