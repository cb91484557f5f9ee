<?php

declare(strict_types=1);

namespace FreshTack\Exchange;

use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;

/** Days as iCalendar (RFC 5545). Entries keep their UID, so that a calendar which fetches the file again moves them instead of adding more. */
final readonly class CalendarFile
{
    public const TYPE = 'text/calendar; charset=utf-8';

    /** @param list<CalendarEntry> $entries */
    public static function of(string $name, array $entries): string
    {
        $calendar = new VCalendar(['PRODID' => '-//Fresh Tack//due list//EN', 'CALSCALE' => 'GREGORIAN', 'METHOD' => 'PUBLISH', 'X-WR-CALNAME' => $name, 'X-PUBLISHED-TTL' => 'PT6H']);
        $calendar->add('REFRESH-INTERVAL', 'PT6H', ['VALUE' => 'DURATION']);
        foreach ($entries as $entry) {
            $changed = $entry->changedAt->setTimezone(new \DateTimeZone('UTC'))->format('Ymd\THis\Z');
            $event = new VEvent($calendar, 'VEVENT', ['UID' => $entry->uid, 'DTSTAMP' => $changed, 'LAST-MODIFIED' => $changed, 'SEQUENCE' => (string) $entry->sequence, 'SUMMARY' => $entry->summary, 'DESCRIPTION' => $entry->description, 'TRANSP' => 'TRANSPARENT', 'STATUS' => 'CONFIRMED'], false);
            $event->add('DTSTART', $entry->day->format('Ymd'), ['VALUE' => 'DATE']);
            $event->add('DTEND', $entry->day->modify('+1 day')->format('Ymd'), ['VALUE' => 'DATE']);
            $calendar->add($event);
        }

        return $calendar->serialize();
    }
}
