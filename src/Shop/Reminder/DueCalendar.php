<?php

declare(strict_types=1);

namespace FreshTack\Shop\Reminder;

use FreshTack\Exchange\CalendarEntry;
use FreshTack\Exchange\CalendarFile;
use FreshTack\Shop\Due\DueIndex;
use FreshTack\Shop\Due\DueKind;
use FreshTack\Shop\Due\DueLine;
use FreshTack\Shop\Due\EngineDays;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Register\Boat;
use FreshTack\Shop\Register\Engine;
use FreshTack\Shop\Register\Register;
use FreshTack\Shop\ShopSettings;
use FreshTack\Shop\Today;

/** The due list as a calendar: an entry for each task of each engine on the day on which it is due, or expected to be. */
final readonly class DueCalendar
{
    private const SHOP_UNTIL = '+90 days';
    private const MOST_ENGINES = 200;

    public function __construct(private CalendarFeeds $feeds, private DueIndex $index, private Register $register, private ShopSettings $settings, private Today $today)
    {
    }

    /**
     * @return string iCalendar; for the shop the next 90 days and the 200 engines that are due first
     *
     * @throws NotFound if the address is none, or none any more
     */
    public function open(string $token): string
    {
        $boatId = $this->feeds->open($token)['boatId'];
        if (null !== $boatId) {
            $boat = $this->register->boat($boatId);

            return CalendarFile::of($boat->name.': service', $this->entries($this->index->of(array_map(static fn (Engine $engine): int => $engine->id, $boat->engines)), null));
        }
        $until = ($this->today)()->modify(self::SHOP_UNTIL);

        return CalendarFile::of($this->settings->name().': service due', $this->entries($this->index->between(DueKind::Expected, null, $until, 0, self::MOST_ENGINES), $until));
    }

    /**
     * @param list<EngineDays> $days
     *
     * @return list<CalendarEntry>
     *
     * @throws NotFound
     */
    private function entries(array $days, ?\DateTimeImmutable $until): array
    {
        $entries = [];
        foreach ($days as $each) {
            $engine = $this->register->engine($each->engineId);
            $boat = null === $engine->boatId ? null : $this->register->boat($engine->boatId);
            foreach ($each->lines as $line) {
                if (null !== $boat && null !== $line->expectedOn && !$line->listedElsewhere && (null === $until || $line->expectedOn <= $until)) {
                    $entries[] = $this->entry($boat, $engine, $line, $line->expectedOn);
                }
            }
        }

        return $entries;
    }

    private function entry(Boat $boat, Engine $engine, DueLine $line, \DateTimeImmutable $day): CalendarEntry
    {
        $hours = null === $line->dueTenths ? null : \sprintf('%d.%d h on the meter', intdiv($line->dueTenths, 10), $line->dueTenths % 10);
        $why = $line->byUse ? \sprintf('Expected by the usual use: due at %s.', $hours ?? '') : \sprintf('Due on this day%s.', null === $hours ? '' : ', or at '.$hours.', whichever is first');

        return new CalendarEntry(
            \sprintf('due-%d-%s@fresh-tack', $engine->id, $line->task->value),
            $line->sequence,
            $line->changedAt ?? $day,
            $day,
            \sprintf('%s · %s: %s', $boat->name, $engine->label(), $line->task->title()),
            \sprintf("%s %s\n%s\n%s", $engine->model, $engine->serial, $why, $this->settings->name()),
        );
    }
}
