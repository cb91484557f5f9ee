<?php

declare(strict_types=1);

namespace FreshTack\Core\Schedule;

/** The answer for one task: `by` names the limb with the worse state (equal: hours), null if not due or no record. */
final readonly class DueAssessment
{
    /**
     * @param int|null   $daysLeft        below zero once past
     * @param int|null   $hoursLeftTenths tenths of an hour, below zero once past
     * @param float|null $hoursShare      how much of the hours limit is used, for drawing
     * @param float|null $calendarShare   how much of the calendar limit is used, for drawing
     */
    public function __construct(
        public DueState $state,
        public ?Limb $by,
        public ?\DateTimeImmutable $dueDate,
        public ?int $dueHoursTenths,
        public ?int $daysLeft,
        public ?int $hoursLeftTenths,
        public ?float $hoursShare,
        public ?float $calendarShare,
        public bool $first,
    ) {
    }

    /** Whether hours alone decide, and nobody knows them. */
    public function isUnknown(): bool
    {
        return null === $this->dueDate && null === $this->hoursLeftTenths;
    }

    /** One sentence to read aloud: which limit, and by how much. */
    public function why(Interval $interval): string
    {
        if ($this->isUnknown()) {
            return \sprintf(
                'It goes by hours alone (%s), and %s: read the meter or ask the owner, and enter them.',
                $interval->text(),
                null === $this->dueHoursTenths ? 'those at which it was last done are not known' : 'those of the engine are not known',
            );
        }
        if (DueState::NoRecord === $this->state) {
            return \sprintf('No record that it was ever done, and the first limit is past (%s).', $interval->text());
        }
        $limit = match (true) {
            !$this->first => 'every '.$interval->every->text(),
            null === $interval->first => 'every '.$interval->every->text().', counted from the day in service',
            default => 'first service at '.$interval->first->text(),
        };

        return match ($this->by) {
            Limb::Hours => \sprintf('By hours: %s (%s).', $this->distance(abs($this->hoursLeftTenths ?? 0) / 10, 'h', ($this->hoursLeftTenths ?? 0) < 0), $limit),
            Limb::Calendar => \sprintf('By date: %s (%s).', $this->distance((float) abs($this->daysLeft ?? 0), 'days', ($this->daysLeft ?? 0) < 0), $limit),
            null => \sprintf('Not due yet (%s).', $limit),
        };
    }

    private function distance(float $amount, string $unit, bool $past): string
    {
        $text = 0.0 === fmod($amount, 1.0) ? number_format($amount, 0, '.', '') : number_format($amount, 1, '.', '');
        if (0.0 === $amount) {
            return 'the limit is reached exactly';
        }
        $unit = 'days' === $unit && 1.0 === $amount ? 'day' : $unit;

        return $past ? "$text $unit past the limit" : "$text $unit left";
    }
}
