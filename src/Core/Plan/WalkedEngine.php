<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** One engine while the work is walked through: until when it is taken, how it hangs, what is open on it. */
final class WalkedEngine
{
    public Attitude $attitude = Attitude::Vertical;
    /** @var array<string, int> minute from which on it is free, by zone */
    public array $freeFrom = ['powerhead' => 0, 'gearcase' => 0, 'bracket' => 0];
    /** Until when it must hang as it does. */
    public int $heldUntil = 0;
    /** Until when something on it drips, rests or cools by itself. */
    public int $goesOnUntil = 0;
    /** Until when somebody is at it. */
    public int $heldByHandsUntil = 0;
    /** From when until when hands are where an engine beside it would hurt them. */
    public int $inReachFrom = 0;
    public int $inReachUntil = 0;
    /** Until when an engine beside it runs. */
    public int $besideRunsUntil = 0;
    /** How it must hang for the level that is still to be read before it is turned any other way; null: there is none. */
    public ?Attitude $arrives = null;
    /** What keeps it from being turned: open drains, the lower unit off, a level that rests. */
    public int $bars = 0;

    /** @param list<string> $zones */
    public function isFree(array $zones, int $minute): bool
    {
        foreach ($zones as $zone) {
            if ($this->freeFrom[$zone] > $minute) {
                return false;
            }
        }

        return true;
    }

    public function takeAll(int $until): void
    {
        foreach ($this->freeFrom as $zone => $from) {
            $this->freeFrom[$zone] = max($from, $until);
        }
        $this->inReachUntil = max($this->inReachUntil, $until);
    }

    public function isAllFree(int $minute): bool
    {
        return $this->isFree(array_keys($this->freeFrom), $minute);
    }
}
