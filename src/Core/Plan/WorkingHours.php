<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** When the shop works: minutes of the day, by weekday from 1 (Monday) to 7. */
final readonly class WorkingHours
{
    /** Whoever is closed for longer is not open. */
    private const LONGEST_DAYS = 366;

    /**
     * @param array<int, array{int, int}> $byDay  from, to; a day left out is free
     * @param list<string>                $closed days that are free all the same, `YYYY-MM-DD`
     */
    public function __construct(private array $byDay, private array $closed = [])
    {
    }

    public static function usual(): self
    {
        return new self(array_fill(1, 5, [8 * 60, 17 * 60]));
    }

    public function isOpenEver(): bool
    {
        return [] !== array_filter($this->byDay, static fn (array $hours): bool => $hours[1] > $hours[0]);
    }

    /** The first minute from then on at which the shop works. */
    public function opensFrom(\DateTimeImmutable $moment): \DateTimeImmutable
    {
        for ($days = 0; $days <= self::LONGEST_DAYS; ++$days) {
            $day = $moment->modify(\sprintf('midnight +%d days', $days));
            [$from, $to] = $this->on($day);
            $now = 0 === $days ? self::minuteOf($moment) : 0;
            if ($now < $to) {
                return $day->modify(\sprintf('+%d minutes', max($now, $from)));
            }
        }

        return $moment;
    }

    /** How many minutes the shop goes on working from a moment at which it works. */
    public function leftAt(\DateTimeImmutable $moment): int
    {
        [$from, $to] = $this->on($moment);
        $now = self::minuteOf($moment);

        return $now >= $from ? max(0, $to - $now) : 0;
    }

    /** @return array{int, int} from, to; both 0 on a free day */
    private function on(\DateTimeImmutable $day): array
    {
        return \in_array($day->format('Y-m-d'), $this->closed, true) ? [0, 0] : $this->byDay[(int) $day->format('N')] ?? [0, 0];
    }

    private static function minuteOf(\DateTimeImmutable $moment): int
    {
        return 60 * (int) $moment->format('G') + (int) $moment->format('i');
    }
}
