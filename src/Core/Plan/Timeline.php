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

    /** Minutes at work, of every person. */
    public function handsOnMin(): int
    {
        return array_sum(array_map(
            static fn (TimelineEntry $entry): int => $entry->work->hands->handsOnMin * $entry->work->hands->people,
            $this->entries,
        ));
    }

    /** Minutes of staying by running engines; by engines that run together counted once. */
    public function presenceMin(): int
    {
        $present = [];
        foreach ($this->entries as $entry) {
            foreach ($entry->technicians as $technician) {
                for ($minute = $entry->timed->handsOnEndMin(); $minute < $entry->heldEndMin; ++$minute) {
                    $present[$technician.' '.$minute] = true;
                }
            }
        }

        return \count($present);
    }

    public function turns(): int
    {
        return \count(array_filter($this->entries, static fn (TimelineEntry $entry): bool => null !== $entry->work->changes->turnsTo));
    }

    /** How often a technician goes on at another engine, or at the same one above instead of below. */
    public function changes(): int
    {
        $changes = 0;
        for ($technician = 1; $technician <= $this->technicians; ++$technician) {
            $at = $isBelow = null;
            foreach ($this->entries as $entry) {
                $position = $entry->work->position;
                if (null === $position || !\in_array($technician, $entry->technicians, true)) {
                    continue;
                }
                $below = $entry->work->hands->zone->isBelow();
                $away = null !== $at && ($position !== $at || (null !== $below && null !== $isBelow && $below !== $isBelow));
                $changes += $away ? 1 : 0;
                [$at, $isBelow] = [$position, $below ?? ($position === $at ? $isBelow : null)];
            }
        }

        return $changes;
    }

    /** How much longer than the bound, in tenths of a percent, rounded up; null: no bound. */
    public function gapPermille(): ?int
    {
        return match ($this->boundMin) {
            null => null,
            0 => 0,
            default => intdiv(1000 * ($this->elapsedMin - $this->boundMin) + $this->boundMin - 1, $this->boundMin),
        };
    }

    /** @return list<string> ids of what is done with hands while an entry goes on by itself */
    public function fills(TimelineEntry $wait): array
    {
        $filling = $wait->work->hands->unattendedMin > 0
            ? array_filter($this->entries, static fn (TimelineEntry $entry): bool => $entry !== $wait
                && $entry->heldEndMin > $entry->startMin
                && $entry->startMin < $wait->endMin
                && $entry->heldEndMin > $wait->heldEndMin)
            : [];

        return array_values(array_map(static fn (TimelineEntry $entry): string => $entry->id(), $filling));
    }
}
