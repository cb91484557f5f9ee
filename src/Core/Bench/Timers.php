<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

use FreshTack\Core\Fluid\EarlierReading;
use FreshTack\Core\Plan\Effect;
use FreshTack\Core\Plan\Gate;
use FreshTack\Core\Plan\Position;

/** What drips or rests now, at each engine, as the effects in its order say. */
final readonly class Timers
{
    public function __construct(private IssuedOrder $order, private BenchLog $log)
    {
    }

    /** @return list<Timer> */
    public function running(): array
    {
        $timers = [];
        foreach ($this->order->rig->positions as $position) {
            $own = array_values(array_filter($this->order->all, static fn (IssuedWork $work): bool => $position === $work->work->position));
            array_push($timers, ...array_filter([$this->draining($position, $own), $this->resting($position, $own)]));
        }

        return $timers;
    }

    /** @param list<IssuedWork> $own */
    private function draining(Position $position, array $own): ?Timer
    {
        foreach ($own as $work) {
            $since = $work->work->changes->hasAny(
                Effect::DrainOpened,
                Effect::OilOut,
                Effect::GearOpened,
            ) && $work->work->hands->unattendedMin > 0
                ? $this->endedAt($work)
                : null;
            $shut = $work->work->has(Effect::GearOpened) ? Gate::GearDrainShut : Gate::DrainShut;
            $isOpen = !$this->log->rig()->engine($position)->meets($shut);
            if (null !== $since && $isOpen) {
                return self::timer($position, $work, $since, $work->work->hands->unattendedMin);
            }
        }

        return null;
    }

    /** @param list<IssuedWork> $own */
    private function resting(Position $position, array $own): ?Timer
    {
        $since = $this->log->rig()->engine($position)->disturbedAt;
        if (null === $since) {
            return null;
        }
        foreach ($own as $work) {
            if ($this->log->isOver($work)) {
                continue;
            }
            $minutes = max($work->work->needs->restMin, $work->work->has(Effect::Rested) ? $work->work->hands->unattendedMin : 0);
            if ($minutes > 0) {
                return $this->second($position, $work) ?? self::timer($position, $work, $since, $minutes);
            }
            if ($this->disturbs($work)) {
                return null;
            }
        }

        return null;
    }

    /** Where two readings must agree, the second is waited for from the first. */
    private function second(Position $position, IssuedWork $work): ?Timer
    {
        $asks = array_filter(
            $work->steps,
            static fn (BenchStep $step): bool => 'level' === $step->entry && true === $step->level?->isReadTwice,
        );
        $first = [] === $asks ? null : $this->log->oil($position->value)->earlierAt;

        return null === $first ? null : self::timer($position, $work, $first, EarlierReading::APART_MIN);
    }

    private static function timer(Position $position, IssuedWork $work, \DateTimeImmutable $since, int $minutes): Timer
    {
        return new Timer(
            $position,
            $work->work->id->text,
            $work->work->title,
            $since,
            $since->add(new \DateInterval(\sprintf('PT%dM', $minutes))),
        );
    }

    private function disturbs(IssuedWork $work): bool
    {
        return [] !== array_filter(
            $work->work->changes->effects,
            static fn (Effect $effect): bool => \in_array(Gate::Rested, $effect->breaks(), true),
        );
    }

    /** When its last must-step was done; null: it is not over. */
    private function endedAt(IssuedWork $work): ?\DateTimeImmutable
    {
        return $this->log->isOver($work) ? $this->log->lastAt($work) : null;
    }
}
