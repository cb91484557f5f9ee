<?php

declare(strict_types=1);

namespace FreshTack\Core\Due;

use FreshTack\Core\Schedule\DueAssessment;
use FreshTack\Core\Schedule\DueState;
use FreshTack\Core\Schedule\DueTimes;
use FreshTack\Core\Schedule\Interval;
use FreshTack\Core\Schedule\LastDone;
use FreshTack\Core\SpecBook\Task;
use FreshTack\Core\Usage\Forecast;

/** One task of one engine: when it was last done, where it stands, and when it will be due. */
final readonly class TaskDue
{
    /**
     * @param Forecast|null       $forecast when the hours limit will be reached; null without a meter, a limit or a rate
     * @param SevereProposal|null $severe   what the sheet proposes for this use, if that is more pressing
     * @param Declined|null       $declined since it was last done
     * @param Task|null           $listedIn the longer task that is called for and contains this one
     */
    public function __construct(
        public Task $task,
        public Interval $interval,
        public ?LastDone $last,
        public DueAssessment $assessment,
        public DueTimes $times,
        public ?Forecast $forecast,
        public ?SevereProposal $severe = null,
        public ?Declined $declined = null,
        public ?Task $listedIn = null,
    ) {
    }

    public function why(): string
    {
        $why = $this->assessment->why($this->interval);

        return null === $this->declined ? $why : \sprintf('%s Declined on %s: still due.', $why, $this->declined->on->format('j M Y'));
    }

    /** Whether it belongs in an order of all that is due; a task within a longer one is not listed twice. */
    public function isCalledFor(): bool
    {
        return null === $this->listedIn && $this->assessment->state->weight() >= DueState::Due->weight();
    }

    /** The day on which it is due, or by the engine's usual use probably will be. */
    public function expectedOn(): ?\DateTimeImmutable
    {
        $days = array_filter([$this->times->dueOn, $this->forecast?->likely], static fn (?\DateTimeImmutable $day): bool => null !== $day);

        return [] === $days ? null : min($days);
    }

    /** Whether the expected day is a forecast and not the calendar's. */
    public function isExpectedByUse(): bool
    {
        return null !== $this->forecast && (null === $this->times->dueOn || $this->forecast->likely < $this->times->dueOn);
    }

    public function within(Task $longer): self
    {
        return new self($this->task, $this->interval, $this->last, $this->assessment, $this->times, $this->forecast, $this->severe, $this->declined, $longer);
    }
}
