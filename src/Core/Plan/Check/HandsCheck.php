<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan\Check;

use FreshTack\Core\Plan\Gate;
use FreshTack\Core\Plan\GateBroken;
use FreshTack\Core\Plan\PlannedWork;
use FreshTack\Core\Plan\TimedWork;

/** Whose hands are where: nobody is in two places, no two in one, nobody at an engine that is turned. */
final readonly class HandsCheck
{
    /** @param list<TimedWork> $plan in the order in which they begin */
    public function __construct(private array $plan, private Runs $runs)
    {
    }

    /** @throws GateBroken */
    public function check(): void
    {
        $held = array_values(array_filter($this->plan, static fn (TimedWork $timed): bool => $timed->work->hands->heldMin > 0));
        foreach ($held as $place => $timed) {
            self::askAttitude($timed->work);
            for ($next = $place + 1; isset($held[$next]) && $held[$next]->startMin < $timed->heldEndMin; ++$next) {
                $this->askBoth($timed, $held[$next]);
            }
        }
    }

    /** @throws GateBroken */
    private static function askAttitude(PlannedWork $work): void
    {
        if ($work->changes->asksForAttitude && null === $work->needs->attitude && !\in_array(Gate::AttitudeSaid, $work->needs->gates, true)) {
            throw GateBroken::attitudeNotSaid($work);
        }
    }

    /** @throws GateBroken */
    private function askBoth(TimedWork $first, TimedWork $second): void
    {
        $atOne = null !== $first->work->position && $first->work->position === $second->work->position;
        $turned = $first->work->changes->turnsTo ?? $second->work->changes->turnsTo;
        if ($atOne && null !== $turned) {
            throw GateBroken::meanwhile(Gate::NobodyBelow, $second->work, $first->work);
        }
        if ($atOne && $first->work->hands->zone->meets($second->work->hands->zone)) {
            throw GateBroken::meanwhile(Gate::OneZone, $second->work, $first->work);
        }
        if ([] !== $first->sameHands($second) && !$this->runs->mayBeAttendedTogether($first, $second)) {
            throw GateBroken::meanwhile(Gate::OnePlace, $second->work, $first->work);
        }
    }
}
