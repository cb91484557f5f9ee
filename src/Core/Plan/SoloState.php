<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** How far one technician is: what is begun, where he stands, how the engines hang, and what still goes on by itself. */
final readonly class SoloState
{
    /**
     * @param int                     $begun     a bit for each stretch
     * @param string                  $at        position of the engine where he stands; empty: nowhere yet
     * @param bool|null               $below     whether below the water; null: he has not been at either place
     * @param array<string, Attitude> $attitudes by position
     * @param int                     $minute    at which his hands are free
     * @param array<int, int>         $until     minute at which what goes on by itself is over, by stretch
     */
    public function __construct(
        public int $begun,
        public string $at,
        public ?bool $below,
        public array $attitudes,
        public int $minute,
        public array $until,
    ) {
    }

    /** What two states have in common if only their minutes differ. */
    public function key(): string
    {
        $hang = implode(' ', array_map(static fn (Attitude $attitude): string => $attitude->value, $this->attitudes));

        return $this->begun.' '.$this->at.' '.match ($this->below) {
            null => '-',
            true => 'b',
            false => 'a',
        }.' '.$hang;
    }

    /** Whether whatever can be done from the other can be done from this as soon, of two with the same key. */
    public function isAsGoodAs(self $other): bool
    {
        if ($this->minute > $other->minute) {
            return false;
        }
        foreach ($this->until as $number => $minute) {
            if ($minute > $other->minute && $minute > ($other->until[$number] ?? 0)) {
                return false;
            }
        }

        return true;
    }
}
