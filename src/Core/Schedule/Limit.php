<?php

declare(strict_types=1);

namespace FreshTack\Core\Schedule;

use FreshTack\Core\Quantity\EngineHours;

/** Hours, months or both; whichever is reached first. */
final readonly class Limit
{
    private function __construct(public ?EngineHours $hours, public ?int $months)
    {
    }

    /** @throws InvalidSchedule if both are missing, the hours are none, or the months are not 1 to 240 */
    public static function of(?EngineHours $hours, ?int $months): self
    {
        if (null === $hours && null === $months) {
            throw InvalidSchedule::noLimit();
        }
        if (0 === $hours?->tenths) {
            throw InvalidSchedule::noHours();
        }

        return null !== $months && ($months < 1 || $months > 240) ? throw InvalidSchedule::months($months) : new self($hours, $months);
    }

    /**
     * The first day on which the calendar alone makes the task due. A month without that day (31 January plus one
     * month) ends on its last day instead of spilling into the next.
     */
    public function dateFrom(\DateTimeImmutable $start): ?\DateTimeImmutable
    {
        if (null === $this->months) {
            return null;
        }
        $month = $start->modify(\sprintf('first day of +%d months', $this->months));

        return $month->setDate((int) $month->format('Y'), (int) $month->format('n'), min((int) $start->format('j'), (int) $month->format('t')));
    }

    public function text(): string
    {
        $parts = [null === $this->hours ? null : rtrim(rtrim($this->hours->text(), '0'), '.').' h', null === $this->months ? null : $this->months.(1 === $this->months ? ' month' : ' months')];

        return implode(' or ', array_filter($parts, static fn (?string $part): bool => null !== $part));
    }
}
