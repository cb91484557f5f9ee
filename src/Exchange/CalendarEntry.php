<?php

declare(strict_types=1);

namespace FreshTack\Exchange;

/** One whole day of a calendar. */
final readonly class CalendarEntry
{
    /**
     * @param string $uid      the same for as long as it is about the same thing
     * @param int    $sequence one more with every change
     */
    public function __construct(public string $uid, public int $sequence, public \DateTimeImmutable $changedAt, public \DateTimeImmutable $day, public string $summary, public string $description)
    {
    }
}
