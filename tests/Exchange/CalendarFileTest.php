<?php

declare(strict_types=1);

namespace FreshTack\Tests\Exchange;

use FreshTack\Exchange\CalendarEntry;
use FreshTack\Exchange\CalendarFile;
use PHPUnit\Framework\TestCase;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Reader;

final class CalendarFileTest extends TestCase
{
    public function testIsValidAndSaysWhatItWasGiven(): void
    {
        $text = CalendarFile::of('Brisk Tern: service', [self::entry('due-1-engine_oil@fresh-tack', 3, '2026-03-31', 'Öl, Filter; "alles"')]);
        $calendar = Reader::read($text);

        self::assertInstanceOf(VCalendar::class, $calendar);
        self::assertSame([], $calendar->validate());
        self::assertStringContainsString("DTSTART;VALUE=DATE:20260331\r\n", $text);
        self::assertStringContainsString("DTEND;VALUE=DATE:20260401\r\n", $text, 'the day after, across the end of the month');
        self::assertStringContainsString("SEQUENCE:3\r\n", $text);
        self::assertStringContainsString("DTSTAMP:20260310T083000Z\r\n", $text, 'in UTC, whatever zone it came in');
        $events = $calendar->select('VEVENT');
        self::assertCount(1, $events);
        self::assertStringContainsString('SUMMARY:Öl\, Filter\; "alles"', $text);
    }

    public function testTheSameEntriesGiveTheSameBytes(): void
    {
        $entries = [self::entry('a@fresh-tack', 0, '2026-03-31', 'A'), self::entry('b@fresh-tack', 1, '2028-02-29', 'B')];

        self::assertSame(CalendarFile::of('X', $entries), CalendarFile::of('X', $entries));
        self::assertStringContainsString('DTEND;VALUE=DATE:20280301', CalendarFile::of('X', $entries), 'a leap day');
    }

    public function testWithoutEntriesItIsStillACalendar(): void
    {
        $text = CalendarFile::of('X', []);

        self::assertStringStartsWith("BEGIN:VCALENDAR\r\n", $text);
        self::assertStringNotContainsString('VEVENT', $text);
    }

    private static function entry(string $uid, int $sequence, string $day, string $summary): CalendarEntry
    {
        return new CalendarEntry($uid, $sequence, new \DateTimeImmutable('2026-03-10 09:30', new \DateTimeZone('Europe/Paris')), new \DateTimeImmutable($day.' UTC'), $summary, "Line one\nLine two");
    }
}
