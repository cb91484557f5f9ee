<?php

declare(strict_types=1);

namespace FreshTack\Core\Schedule;

use FreshTack\Core\Quantity\EngineHours;

/**
 * What is due, from hours and calendar, whichever comes first. Reaching a limit exactly counts as due. A task
 * without a record is judged by its first limit, or by the usual one if it has no first, counted from the day in service
 * and from 0 h; past that by more than the grace the answer is "no record": neither overdue nor fine. So it is where
 * hours alone decide and the hours are not known.
 */
final readonly class DueBook
{
    public function __construct(private DuePolicy $policy)
    {
    }

    public function assess(Interval $interval, ?LastDone $last, EngineNow $now): DueAssessment
    {
        $limit = self::limit($interval, $last);
        $start = $last ?? new LastDone($now->inService, EngineHours::zero());
        $judged = $this->judge($limit, $start, $now, null === $last);

        return $judged->isUnknown() || (null === $last && DueState::Overdue === $judged->state)
            ? new DueAssessment(
                DueState::NoRecord,
                null,
                $judged->dueDate,
                $judged->dueHoursTenths,
                $judged->daysLeft,
                $judged->hoursLeftTenths,
                null,
                null,
                null === $last,
            )
            : $judged;
    }

    /** The same question, answered by the shorter limit that the sheet proposes for the way the boat is used; null if it proposes none. */
    public function underSevereUse(Interval $interval, HardUses $uses, ?LastDone $last, EngineNow $now): ?DueAssessment
    {
        $severe = $interval->severe;
        $judged = null === $severe || null === $last || !$uses->meetAny($severe->uses) ? null : $this->judge($severe->every, $last, $now, false);

        return true === $judged?->isUnknown() ? null : $judged;
    }

    /**
     * @param DueAssessment      $judged what `assess()` said of the same
     * @param \DateTimeImmutable $readOn the day of the reading that `$now` has its hours from
     */
    public function times(Interval $interval, ?LastDone $last, DueAssessment $judged, EngineNow $now, \DateTimeImmutable $readOn): DueTimes
    {
        $reached = static fn (int $within): ?\DateTimeImmutable => null !== $judged->hoursLeftTenths && $judged->hoursLeftTenths <= $within ? $readOn : null;
        $due = $judged->dueDate;
        if ($judged->isUnknown()) {
            return new DueTimes(null, null, $last->on ?? $now->inService, true);
        }

        return new DueTimes(
            self::earlier(null === $due ? null : self::shifted($due, -$this->policy->windowDays), $reached($this->policy->windowHours->tenths)),
            self::earlier($due, $reached(0)),
            self::earlier(null === $due ? null : self::shifted($due, $this->policy->graceDays + 1), $reached(-$this->policy->graceHours->tenths - 1)),
            null === $last,
        );
    }

    private static function limit(Interval $interval, ?LastDone $last): Limit
    {
        return null === $last ? $interval->first ?? $interval->every : $interval->every;
    }

    private static function shifted(\DateTimeImmutable $day, int $days): \DateTimeImmutable
    {
        return $day->modify(\sprintf('%+d days', $days));
    }

    private static function earlier(?\DateTimeImmutable $one, ?\DateTimeImmutable $other): ?\DateTimeImmutable
    {
        return null === $one || null === $other ? $one ?? $other : min($one, $other);
    }

    private function judge(Limit $limit, LastDone $start, EngineNow $now, bool $first): DueAssessment
    {
        $dueDate = $limit->dateFrom($start->on);
        $dueHours = null === $limit->hours || null === $start->at ? null : $start->at->plus($limit->hours);
        $daysLeft = null === $dueDate ? null : self::days($now->day, $dueDate);
        $hoursLeft = null === $dueHours || null === $now->hours ? null : $now->hours->tenthsUntil($dueHours);
        $byHours = $this->state($hoursLeft, $this->policy->windowHours->tenths, $this->policy->graceHours->tenths);
        $byDate = $this->state($daysLeft, $this->policy->windowDays, $this->policy->graceDays);
        $state = $byHours->weight() >= $byDate->weight() ? $byHours : $byDate;

        return new DueAssessment(
            $state,
            DueState::NotDue === $state ? null : ($byHours === $state ? Limb::Hours : Limb::Calendar),
            $dueDate,
            $dueHours?->tenths,
            $daysLeft,
            $hoursLeft,
            null === $hoursLeft ? null : self::share($hoursLeft, $limit->hours->tenths),
            null === $daysLeft ? null : self::share($daysLeft, self::days($start->on, $dueDate)),
            $first,
        );
    }

    private function state(?int $left, int $window, int $grace): DueState
    {
        return match (true) {
            null === $left => DueState::NotDue,
            $left < -$grace => DueState::Overdue,
            $left <= 0 => DueState::Due,
            $left <= $window => DueState::Soon,
            default => DueState::NotDue,
        };
    }

    private static function share(int $left, int $whole): float
    {
        return 0 === $whole ? 1.0 : round(max(0, $whole - $left) / $whole, 4);
    }

    private static function days(\DateTimeImmutable $from, \DateTimeImmutable $to): int
    {
        return (int) $from->setTime(0, 0)->diff($to->setTime(0, 0))->format('%r%a');
    }
}
