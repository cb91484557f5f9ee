<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

use FreshTack\Core\Reading\Cursor;

/** Reads a shop's week, Monday first, and the days on which it is closed all the same. */
final readonly class WorkingHoursReader
{
    private const MOST_CLOSED = 100;

    /** Flaws are noted at their fields. */
    public static function at(Cursor $week, Cursor $closed): WorkingHours
    {
        $byDay = [];
        foreach ($week->list(7, 7) as $index => $day) {
            if (!$day->isNull()) {
                $byDay[$index + 1] = self::day($day);
            }
        }
        $days = $closed->isNull() ? [] : $closed->list(0, self::MOST_CLOSED);

        return new WorkingHours($byDay, array_map(static fn (Cursor $day): string => $day->day()->format('Y-m-d'), $days));
    }

    /** @return array{int, int} */
    private static function day(Cursor $day): array
    {
        [$from, $to] = [self::minute($day->at(0)), self::minute($day->at(1))];
        if (!$day->flaws->has($day->at(1)->pointer) && $from >= $to) {
            $day->at(1)->flaw('The day ends before it begins.');
        }

        return [$from, $to];
    }

    /** Of the day. */
    private static function minute(Cursor $time): int
    {
        $text = $time->string(5);
        if ('' !== $text && 1 !== preg_match('/^([01]\d|2[0-3]):[0-5]\d$/D', $text)) {
            $time->flaw('Write a time such as 08:30.');

            return 0;
        }

        return 60 * (int) substr($text, 0, 2) + (int) substr($text, 3, 2);
    }
}
