<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

use FreshTack\Core\Plan\Effect;
use FreshTack\Core\Plan\Gate;
use FreshTack\Core\Plan\Opening;
use FreshTack\Core\Plan\Position;

/** Asks the engines as the log left them whether a step may be done now. The same gates that every plan has passed. */
final class BenchGates
{
    private ?OpenSteps $open = null;

    private readonly RigAtBench $rig;
    private readonly SequenceGates $sequence;

    public function __construct(private readonly IssuedOrder $order, private readonly BenchState $state)
    {
        $this->rig = $state->rig;
        $this->sequence = new SequenceGates($order, $state, $this->open(...));
    }

    /**
     * @param list<Effect>            $effects what doing it would bring about
     * @param string|null             $by      whose hands; null: nobody knows, and none is asked where they are
     * @param \DateTimeImmutable|null $at      null: nobody knows when, and no rest is asked for
     *
     * @return NotYet|null null: it may be done
     */
    public function before(BenchStep $step, array $effects, ?string $by, ?\DateTimeImmutable $at): ?NotYet
    {
        $work = $this->order->workOf($step);
        if (!$work->isAsked || ([] === $effects && $work->isOver($this->state->answers))) {
            return null;
        }
        foreach ($this->rig->concerned($step->position) as $position) {
            $missing = $this->covers($work, $position)
                ?? $this->standing($work, $position)
                ?? $this->beginning($work, $position)
                ?? $this->sequence->within($work, $step, $effects)
                ?? $this->sequence->turn($work, $position)
                ?? $this->effects($work, $step, $effects, $position)
                ?? $this->ending($work, $step, $position, $effects);
            if (null !== $missing) {
                return $missing;
            }
        }

        return $this->sequence->frame($work)
            ?? (new RigGates($this->order, $this->rig, $this->open(...)))->before($work, $step, $effects, $by)
            ?? $this->time($work, $step, $effects, $at);
    }

    /** What lies in front of it is open as long as it is worked on. */
    private function covers(IssuedWork $work, Position $position): ?NotYet
    {
        foreach ($work->work->needs->open as $opening) {
            if (!$this->rig->engine($position)->state->isOpen($opening)) {
                return $this->words(
                    $position,
                    Gate::Opened,
                    \sprintf('The %s is in the way.', $opening->label()),
                    $this->open()->opening($position, $opening),
                );
            }
        }

        return null;
    }

    /** How the engine hangs and is secured holds through the whole of it, but for what it changes itself. */
    private function standing(IssuedWork $work, Position $position): ?NotYet
    {
        $engine = $this->rig->engine($position);
        $attitude = $work->work->needs->attitude;
        if (null !== $attitude && null === $work->work->changes->turnsTo && $attitude !== $engine->state->attitude) {
            return $this->words(
                $position,
                Gate::Attitude,
                \sprintf('The engine is %s. For this it must be %s.', $engine->state->attitude->label(), $attitude->label()),
                $this->open()->doing(
                    $position,
                    ...array_filter(Effect::cases(), static fn (Effect $effect): bool => $attitude === $effect->attitude()),
                ),
            );
        }
        $own = array_merge(...array_map(static fn (Effect $effect): array => $effect->breaks(), $work->work->changes->effects));
        foreach ($work->work->needs->lockout->gates() as $gate) {
            if (!$engine->meets($gate) && !(\in_array($gate, $own, true) && $this->rig->hasBegun($work))) {
                return $this->missing($position, $gate);
            }
        }

        return null;
    }

    /** What is asked once, when it begins. */
    private function beginning(IssuedWork $work, Position $position): ?NotYet
    {
        if ($this->rig->hasBegun($work)) {
            return null;
        }
        $engine = $this->rig->engine($position);
        foreach ($work->work->needs->shut as $opening) {
            if ($engine->state->isOpen($opening)) {
                return $this->stillOpen($position, $opening);
            }
        }
        foreach ($work->work->needs->gates as $gate) {
            if (!\in_array($gate, [Gate::AttitudeSaid, Gate::Rested], true) && !$engine->meets($gate)) {
                return $this->missing($position, $gate);
            }
        }
        if (Opening::Propeller === $work->work->changes->opens && $engine->state->wasOpened(Opening::LowerUnit)) {
            return $this->missing($position, Gate::PropellerFirst);
        }
        $propeller = Opening::LowerUnit === $work->work->changes->opens ? $this->open()->opening($position, Opening::Propeller) : null;
        if (null !== $propeller) {
            return $this->words($position, Gate::PropellerFirst, MissingWords::of(Gate::PropellerFirst), $propeller);
        }
        $closes = $work->work->changes->closes;
        if (null !== $closes && !$engine->state->isOpen($closes)) {
            return $this->words(
                $position,
                Gate::OpenedOnce,
                \sprintf('The %s is not off.', $closes->label()),
                $this->open()->opening($position, $closes),
            );
        }
        foreach (null === $closes ? [] : $engine->state->behind($closes) as $behind) {
            return $this->stillOpen($position, $behind);
        }

        return null;
    }

    /** @param list<Effect> $effects */
    private function effects(IssuedWork $work, BenchStep $step, array $effects, Position $position): ?NotYet
    {
        $engine = $this->rig->engine($position);
        foreach ($effects as $effect) {
            foreach (Gate::before($effect) as $gate) {
                $isTime = Gate::Rested === $gate && $work->work->needs->restMin > 0;
                if (!$engine->meets($gate) && !$isTime) {
                    return $this->missing($position, $gate);
                }
            }
            foreach (Opening::shutBefore($effect) as $opening) {
                if ($engine->state->isOpen($opening) && $opening !== $work->work->changes->closes) {
                    return $this->stillOpen($position, $opening);
                }
            }
            if (Effect::OilIn === $effect && 'poured' === $step->entry && $engine->meets(Gate::OilInEngine)) {
                $drains = $this->open()->doing($position, Effect::DrainOpened, Effect::OilOut);

                return $this->words($position, null, 'The old oil is still in the engine.', $drains);
            }
            $pours = Effect::LevelRead === $effect && $step->asksForLevel() ? $this->open()->doing($position, Effect::OilIn) : null;
            if (null !== $pours) {
                return $this->words($position, null, 'The new oil is not in yet: this reading is of that.', $pours);
            }
            if (Effect::LevelRead === $effect && 'level' === $step->entry && !$this->state->oilAt($step)->hasRun) {
                $runs = $this->open()->doing($position, Effect::Started);

                return $this->words($position, null, 'The engine has not run since it was filled: a reading would be too high.', $runs);
            }
            $engine = $engine->after($effect, null, null);
        }

        return null;
    }

    /**
     * The cowl goes on when all is counted out.
     *
     * @param list<Effect> $effects
     */
    private function ending(IssuedWork $work, BenchStep $step, Position $position, array $effects): ?NotYet
    {
        $isLast = $work->ending[\count($work->ending) - 1]->id === $step->id;
        $counts = $this->rig->engine($position)->meets(Gate::CountedOut) || \in_array(Effect::CountedOut, $effects, true);

        return Opening::Cowl !== $work->work->changes->closes || !$isLast || $counts ? null : $this->missing($position, Gate::CountedOut);
    }

    /**
     * It is asked last: where it is missing, nothing else is.
     *
     * @param list<Effect> $effects
     */
    private function time(IssuedWork $work, BenchStep $step, array $effects, ?\DateTimeImmutable $at): ?NotYet
    {
        foreach ($this->rig->concerned($step->position) as $position) {
            $minutes = [$this->rig->hasBegun($work) ? 0 : $work->work->needs->restMin];
            foreach ($effects as $effect) {
                $minutes[] = match ($effect) {
                    Effect::Rested => $work->work->hands->unattendedMin,
                    Effect::LevelRead => $this->rig->engine($position)->restAfter($step->level),
                    default => 0,
                };
            }
            $tooSoon = $this->rested($position, max($minutes), $at);
            if (null !== $tooSoon) {
                return $tooSoon;
            }
        }

        return 'level' === $step->entry && \in_array(Effect::LevelRead, $effects, true) ? $this->second($step, $at) : null;
    }

    /** The second of two readings that must agree. */
    private function second(BenchStep $step, ?\DateTimeImmutable $at): ?NotYet
    {
        $from = true === $step->level?->isReadTwice ? $this->state->oilAt($step)->secondFrom() : null;

        return null === $from || null === $at || $from <= $at || null === $step->position
            ? null
            : NotYet::second($this->order->nameOf($step->position), $from, $at);
    }

    private function rested(Position $position, int $minutes, ?\DateTimeImmutable $at): ?NotYet
    {
        $from = $this->rig->engine($position)->restedFrom($minutes);

        return null === $from || null === $at || $from <= $at ? null : NotYet::resting($this->order->nameOf($position), $from, $at);
    }

    private function missing(Position $position, Gate $gate): NotYet
    {
        return NotYet::missing($gate, $this->order->nameOf($position), $this->open()->meeting($position, $gate));
    }

    private function stillOpen(Position $position, Opening $opening): NotYet
    {
        return $this->words(
            $position,
            Gate::Shut,
            \sprintf('The %s is still open.', $opening->label()),
            $this->open()->closing($position, $opening),
        );
    }

    private function words(Position $position, ?Gate $gate, string $why, ?BenchStep $first): NotYet
    {
        return NotYet::because($gate, $this->order->nameOf($position), $why, $first);
    }

    /** Looked for only where something is refused. */
    private function open(): OpenSteps
    {
        return $this->open ??= new OpenSteps($this->order, $this->state->isDone(...));
    }
}
