<?php

declare(strict_types=1);

namespace FreshTack\Core\Parts;

/** When all that is short on the shelf is there. */
final readonly class Arrivals
{
    /**
     * @param \DateTimeImmutable|null $last    the day of the last one that is known; null: nothing is short, or no day is known
     * @param list<string>            $unknown numbers that are short with no day known
     */
    private function __construct(public ?\DateTimeImmutable $last, public array $unknown)
    {
    }

    /**
     * @param list<PartLine>          $lines
     * @param \DateTimeImmutable      $today    a day before it is overdue, and nobody knows
     * @param \DateTimeImmutable|null $promised for all of them, whatever the shelf says
     */
    public static function of(array $lines, \DateTimeImmutable $today, ?\DateTimeImmutable $promised): self
    {
        $days = $unknown = [];
        foreach ($lines as $line) {
            $day = $promised ?? $line->arrivesOn($today);
            if ($line->short() > 0 && null !== $day) {
                $days[] = $day;
            } elseif ($line->short() > 0) {
                $unknown[] = $line->number;
            }
        }

        return new self([] === $days ? null : max($days), $unknown);
    }
}
