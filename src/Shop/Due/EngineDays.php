<?php

declare(strict_types=1);

namespace FreshTack\Shop\Due;

use FreshTack\Core\Schedule\DueState;
use FreshTack\Core\SpecBook\RefusalReason;

/** The days of all tasks of one engine. */
final readonly class EngineDays
{
    /**
     * @param RefusalReason|null   $refused     why the engine has no sheet, and so no days
     * @param int|null       $meterTenths tenths of an hour that the meter shows
     * @param list<DueLine>  $lines
     */
    public function __construct(public int $engineId, public ?RefusalReason $refused, public ?int $meterTenths, public array $lines)
    {
    }

    /** The first day on which anything is certainly due. */
    public function dueOn(): ?\DateTimeImmutable
    {
        return $this->first(static fn (DueLine $line): ?\DateTimeImmutable => $line->times->dueOn);
    }

    /** The first day on which anything is due, or probably will be. */
    public function expectedOn(): ?\DateTimeImmutable
    {
        return $this->first(static fn (DueLine $line): ?\DateTimeImmutable => $line->expectedOn);
    }

    /** The first day on which there is something of which nobody knows whether it was ever done. */
    public function noRecordOn(): ?\DateTimeImmutable
    {
        return $this->first(static fn (DueLine $line): ?\DateTimeImmutable => $line->times->unrecorded ? $line->times->overdueOn : null);
    }

    /** The most pressing state of any task on a day. */
    public function stateOn(\DateTimeImmutable $day): DueState
    {
        $states = array_map(static fn (DueLine $line): DueState => $line->stateOn($day), $this->lines);

        return array_reduce($states, static fn (DueState $worst, DueState $state): DueState => $state->weight() > $worst->weight() ? $state : $worst, DueState::NotDue);
    }

    /** @param \Closure(DueLine): ?\DateTimeImmutable $day */
    private function first(\Closure $day): ?\DateTimeImmutable
    {
        $days = array_filter(array_map($day, $this->lines), static fn (?\DateTimeImmutable $each): bool => null !== $each);

        return [] === $days ? null : min($days);
    }
}
