<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan\Check;

use FreshTack\Core\Plan\Effect;
use FreshTack\Core\Plan\Rig;
use FreshTack\Core\Plan\TimedWork;

/** When engines run in a plan, and which works belong to a run: from a start to its stop, and the lockouts around it. */
final class Runs
{
    /** @var list<non-empty-list<TimedWork>> the works of one engine from each start to its stop */
    public array $all = [];
    /** @var array<int, true> works of a run, by object */
    private array $members = [];

    /** @param list<TimedWork> $plan in the order in which they begin */
    public function __construct(private readonly Rig $rig, array $plan)
    {
        foreach ($rig->positions as $position) {
            $run = [];
            foreach ($plan as $timed) {
                if ($position === $timed->work->position && ([] !== $run || $timed->work->has(Effect::Started))) {
                    $run[] = $timed;
                    $this->members[spl_object_id($timed)] = true;
                    if ($timed->work->has(Effect::Stopped)) {
                        $this->all[] = $run;
                        $run = [];
                    }
                }
            }
        }
    }

    public function has(TimedWork $timed): bool
    {
        return isset($this->members[spl_object_id($timed)]);
    }

    /** Hands at the key and the switch, and nowhere at the engine. */
    public static function isLockoutOnly(TimedWork $timed): bool
    {
        return $timed->work->changes->isMode() && null === $timed->work->changes->turnsTo;
    }

    /**
     * Whether one person may do both at once: they stand by engines side by side that run together, and are at work at
     * one of them at a time.
     */
    public function mayBeAttendedTogether(TimedWork $one, TimedWork $other): bool
    {
        $here = $one->work->position;
        $there = $other->work->position;
        if (null === $here || null === $there || !$this->rig->areBeside($here, $there)) {
            return false;
        }
        $belongs = fn (TimedWork $timed): bool => $this->has($timed) || self::isLockoutOnly($timed);
        $isApart = $one->handsOnEndMin() <= $other->startMin || $other->handsOnEndMin() <= $one->startMin;

        return $belongs($one) && $belongs($other) && $isApart;
    }
}
