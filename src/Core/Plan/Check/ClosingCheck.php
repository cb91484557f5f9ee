<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan\Check;

use FreshTack\Core\Plan\Effect;
use FreshTack\Core\Plan\Gate;
use FreshTack\Core\Plan\GateBroken;
use FreshTack\Core\Plan\Opening;
use FreshTack\Core\Plan\TimedWork;
use FreshTack\Core\Plan\Zone;

/** What is off goes on again: the filter and fuel joints next, all else as soon as nothing needs it open, the cowl last. */
final readonly class ClosingCheck
{
    /** @param list<TimedWork> $plan in the order in which they begin */
    public function __construct(private array $plan)
    {
    }

    /** @throws GateBroken */
    public function check(): void
    {
        $byEngine = [];
        foreach ($this->plan as $timed) {
            if (null !== $timed->work->position) {
                $byEngine[$timed->position()][] = $timed;
            }
        }
        foreach ($byEngine as $own) {
            $this->askNext(
                $own,
                Effect::FilterOff,
                static fn (TimedWork $timed): bool => $timed->work->has(Effect::FilterOn),
                Gate::FilterNext,
            );
            $this->askNext(
                $own,
                Effect::FuelOpened,
                static fn (TimedWork $timed): bool => Opening::FuelLine === $timed->work->changes->closes || self::isFuelDoneInOne($timed),
                Gate::FuelNext,
            );
            $this->askOpenings($own);
            $this->askTogether($own);
            $this->askCowl($own);
        }
    }

    /**
     * The same hands go on at once; turning the engine to the attitude that it needs is allowed between.
     *
     * @param list<TimedWork>           $own
     * @param \Closure(TimedWork): bool $isOn
     *
     * @throws GateBroken
     */
    private function askNext(array $own, Effect $off, \Closure $isOn, Gate $gate): void
    {
        foreach ($own as $place => $timed) {
            if (!$timed->work->has($off) || $isOn($timed)) {
                continue;
            }
            $before = $timed;
            foreach (\array_slice($own, $place + 1) as $next) {
                if ([] !== $next->sameHands($before) && $next->startMin === $before->heldEndMin) {
                    if ($isOn($next)) {
                        continue 2;
                    }
                    $next->work->changes->isMode() || throw GateBroken::between($gate, $timed->work, $next->work);
                    $before = $next;
                }
            }
            throw GateBroken::late($gate, $timed->work, array_values(array_filter($own, $isOn))[0]->work ?? $timed->work);
        }
    }

    /**
     * @param list<TimedWork> $own
     *
     * @throws GateBroken
     */
    private function askOpenings(array $own): void
    {
        $closing = $needing = [];
        foreach ($own as $timed) {
            $closed = $timed->work->changes->closes?->value;
            $closing += null === $closed ? [] : [$closed => $timed];
            foreach ($timed->work->needs->open as $needed) {
                $needing[$needed->value][] = $timed;
            }
        }
        foreach ($own as $opener) {
            $opening = $opener->work->changes->opens;
            $closer = $closing[$opening->value ?? ''] ?? null;
            if (null !== $opening && !$opening->isCover() && null !== $closer) {
                $this->askOpening($own, [$opener, ...$needing[$opening->value] ?? []], $closer, $opening);
            }
        }
        $drains = [
            [Effect::DrainOpened, Effect::DrainClosed, 'oil drain', Zone::Powerhead],
            [Effect::SpillOpened, Effect::SpillClosed, 'spill trough', Zone::Powerhead],
            [Effect::GearOpened, Effect::GearDrainClosed, 'gearcase screws', Zone::Gearcase],
        ];
        $isFilter = static fn (TimedWork $timed): bool => $timed->work->changes->hasAny(Effect::FilterOff, Effect::FilterOn);
        foreach ($drains as [$opens, $closes, $name, $zone]) {
            foreach ($own as $place => $opener) {
                $closing = $opener->work->has($opens)
                    ? array_values(array_filter(
                        \array_slice($own, $place + 1),
                        static fn (TimedWork $timed): bool => $timed->work->has($closes),
                    ))[0] ?? null
                    : null;
                if (null !== $closing) {
                    $this->askWaits($own, [$opener], $closing, $name, $zone, $isFilter);
                }
            }
        }
    }

    /**
     * From the opening to the closing only what needs it open is done at that place, what opens more for that with all
     * that is done with it in one go, what must be shut again before, and whatever has time for while it drips.
     *
     * @param list<TimedWork>           $own
     * @param non-empty-list<TimedWork> $needing what opened it, and what needs it open
     *
     * @throws GateBroken
     */
    private function askOpening(array $own, array $needing, TimedWork $closing, Opening $opening): void
    {
        $users = \array_slice($needing, 1);
        $shut = $closing->work->needs->shut;
        $besides = [];
        foreach ($users as $user) {
            $shut = [...$shut, ...$user->work->needs->shut];
            $besides = [...$besides, ...$user->work->needs->open];
        }
        $besides = [...$besides, ...$shut];
        $opensMore = array_filter($own, static fn (TimedWork $timed): bool => \in_array($timed->work->changes->opens, $besides, true));
        $inOneGo = array_diff(array_map(static fn (TimedWork $timed): string => $timed->work->standing->together, $opensMore), ['']);
        $isWanted = static fn (TimedWork $timed): bool => \in_array($timed, [...$needing, ...$opensMore], true)
            || \in_array($timed->work->standing->together, $inOneGo, true)
            || [] !== array_filter(
                $timed->work->needs->open,
                static fn (Opening $needed): bool => !$needed->isCover() && \in_array($needed, $shut, true),
            );
        $this->askWaits($own, $needing, $closing, $opening->label(), $opening->zone(), $isWanted);
    }

    /**
     * @param list<TimedWork>           $own
     * @param non-empty-list<TimedWork> $needing  what opened it, and what needs it open
     * @param \Closure(TimedWork): bool $isWanted
     *
     * @throws GateBroken
     */
    private function askWaits(array $own, array $needing, TimedWork $closing, string $open, Zone $zone, \Closure $isWanted): void
    {
        $since = $needing[0]->heldEndMin;
        foreach ($own as $timed) {
            if (
                $timed->startMin < $since
                || $timed->startMin >= $closing->startMin
                || 0 === $timed->work->hands->heldMin
                || !$timed->work->hands->zone->meets($zone)
            ) {
                continue;
            }
            $isFree = null !== $timed->work->changes->closes
                || $timed->work->changes->isMode()
                || self::closesSomething($timed)
                || $isWanted($timed);
            $begun = self::begun($own, $timed);
            if (!$isFree && $timed !== $closing && $begun >= $since && !self::drips($needing, $begun)) {
                throw GateBroken::waitsForNothing($timed->work, $open, $closing->work);
            }
        }
    }

    /** @param list<TimedWork> $needing */
    private static function drips(array $needing, int $minute): bool
    {
        foreach ($needing as $timed) {
            if ($timed->heldEndMin <= $minute && $minute < $timed->endMin) {
                return true;
            }
        }

        return false;
    }

    /**
     * When what it is done in one go with was begun.
     *
     * @param list<TimedWork> $own
     */
    private static function begun(array $own, TimedWork $timed): int
    {
        $name = $timed->work->standing->together;
        foreach ('' === $name ? [] : $own as $other) {
            if ($name === $other->work->standing->together) {
                return min($other->startMin, $timed->startMin);
            }
        }

        return $timed->startMin;
    }

    /** Fuel is opened, closed and proven dry without the hands leaving it, as at the boat's separator. */
    private static function isFuelDoneInOne(TimedWork $timed): bool
    {
        return $timed->work->has(Effect::FuelOpened) && $timed->work->has(Effect::FuelProven);
    }

    private static function closesSomething(TimedWork $timed): bool
    {
        return $timed->work->changes->hasAny(Effect::DrainClosed, Effect::SpillClosed, Effect::GearDrainClosed);
    }

    /**
     * Works of one name are done in one go by the same hands; lockouts and turns may come between.
     *
     * @param list<TimedWork> $own
     *
     * @throws GateBroken
     */
    private function askTogether(array $own): void
    {
        $last = [];
        foreach ($own as $place => $timed) {
            $name = $timed->work->standing->together;
            $before = $last[$name] ?? null;
            if ('' !== $name && null !== $before) {
                foreach (\array_slice($own, $before + 1, $place - $before - 1) as $between) {
                    $isOurs = [] !== $between->sameHands($timed) && !$between->work->changes->isMode();
                    !$isOurs || throw GateBroken::between(Gate::Together, $own[$before]->work, $between->work);
                }
                $isGoneOn = [] !== $timed->sameHands($own[$before]);
                $isGoneOn || throw GateBroken::late(Gate::Together, $own[$before]->work, $timed->work);
            }
            $last[$name] = $place;
        }
    }

    /**
     * @param list<TimedWork> $own
     *
     * @throws GateBroken
     */
    private function askCowl(array $own): void
    {
        $closing = array_values(array_filter(
            $own,
            static fn (TimedWork $timed): bool => Opening::Cowl === $timed->work->changes->closes,
        ))[0] ?? null;
        if (null === $closing) {
            return;
        }
        foreach ($own as $timed) {
            if (
                $timed !== $closing
                && $timed->startMin >= $closing->startMin
                && !$timed->work->changes->isMode()
                && $timed->work->hands->heldMin > 0
            ) {
                throw GateBroken::between(Gate::CowlLast, $closing->work, $timed->work);
            }
        }
    }
}
