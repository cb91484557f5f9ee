<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** When everything is done, by whom, and how far the plan is from a time that no plan can beat. */
final readonly class Timeline
{
    /**
     * @param list<TimelineEntry> $entries   in the order in which they begin
     * @param int|null            $boundMin  no plan can be shorter; null: not worked out
     * @param int                 $schedules how many were tried
     */
    public function __construct(public array $entries, public int $technicians, public int $elapsedMin, public ?int $boundMin, public int $schedules)
    {
    }

    public function handsOnMin(): int
    {
        return array_sum(array_map(static fn (TimelineEntry $entry): int => $entry->work->attendedMin, $this->entries));
    }

    public function turns(): int
    {
        return \count(array_filter($this->entries, static fn (TimelineEntry $entry): bool => null !== $entry->work->turnsTo()));
    }

    /** How much longer than the bound, in tenths of a percent, rounded up; null: no bound. */
    public function gapPermille(): ?int
    {
        return null === $this->boundMin ? null : (0 === $this->boundMin ? 0 : intdiv(1000 * ($this->elapsedMin - $this->boundMin) + $this->boundMin - 1, $this->boundMin));
    }

    /** @return list<string> ids of what is done with hands while an entry goes on by itself */
    public function fills(TimelineEntry $wait): array
    {
        $filling = $wait->work->unattendedMin > 0
            ? array_filter($this->entries, static fn (TimelineEntry $entry): bool => $entry !== $wait && $entry->work->attendedMin > 0 && $entry->startMin < $wait->endMin() && $entry->attendedEndMin() > $wait->attendedEndMin())
            : [];

        return array_values(array_map(static fn (TimelineEntry $entry): string => $entry->id(), $filling));
    }
}
