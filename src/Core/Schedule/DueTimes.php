<?php

declare(strict_types=1);

namespace FreshTack\Core\Schedule;

/**
 * From which days on a task is soon, due and overdue, as far as is certain: the calendar's days, and the day on which
 * a reading showed that a limit of hours was reached. The state of any day follows from them, so they stay true
 * until something is read or done.
 */
final readonly class DueTimes
{
    /**
     * @param bool                    $unrecorded never done: past its last day the state is "no record"
     * @param \DateTimeImmutable|null $overdueOn  first day past the grace
     */
    public function __construct(
        public ?\DateTimeImmutable $soonOn,
        public ?\DateTimeImmutable $dueOn,
        public ?\DateTimeImmutable $overdueOn,
        public bool $unrecorded,
    ) {
    }

    public function stateOn(\DateTimeImmutable $day): DueState
    {
        $past = static fn (?\DateTimeImmutable $from): bool => null !== $from && $from <= $day;

        return match (true) {
            $past($this->overdueOn) => $this->unrecorded ? DueState::NoRecord : DueState::Overdue,
            $past($this->dueOn) => DueState::Due,
            $past($this->soonOn) => DueState::Soon,
            default => DueState::NotDue,
        };
    }
}
