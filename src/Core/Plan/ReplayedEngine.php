<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** One engine while a plan is replayed: its state, and the work that goes on at it. */
final readonly class ReplayedEngine
{
    /**
     * @param list<TimedWork> $going       begun and not ended
     * @param int             $disturbedAt minute of the last run, pour or change of attitude
     */
    private function __construct(private EngineState $state, private array $going, private int $disturbedAt)
    {
    }

    public static function onArrival(): self
    {
        return new self(EngineState::onArrival(), [], 0);
    }

    /** The engine when everything that ends by then has ended. */
    public function until(int $minute): self
    {
        if ([] === $this->going) {
            return $this;
        }
        $ending = array_values(array_filter($this->going, static fn (TimedWork $timed): bool => $timed->endMin <= $minute));
        if ([] === $ending) {
            return $this;
        }
        usort($ending, static fn (TimedWork $a, TimedWork $b): int => $a->endMin <=> $b->endMin);

        return array_reduce($ending, static fn (self $engine, TimedWork $timed): self => $engine->ended($timed), $this);
    }

    /** @throws GateBroken if the work may not begin now */
    public function ask(TimedWork $timed): void
    {
        $work = $timed->work;
        $needs = $work->needs;
        $this->askCovers($work);
        if (null !== $needs->attitude && $needs->attitude !== $this->state->attitude) {
            throw GateBroken::hangsWrong($work, $needs->attitude, $this->state->attitude);
        }
        foreach ([...$needs->lockout->gates(), ...$needs->gates] as $gate) {
            $this->state->meets($gate) || throw GateBroken::before($work, $gate);
        }
        if ($needs->restMin > $timed->startMin - $this->disturbedAt) {
            throw GateBroken::restedTooShort($work, $needs->restMin - $timed->startMin + $this->disturbedAt);
        }
        $this->askEffects($work);
    }

    public function begin(TimedWork $timed): self
    {
        $changes = $timed->work->changes;
        $state = array_reduce(
            $changes->effects,
            static fn (EngineState $state, Effect $effect): EngineState => $state->begun($effect),
            $this->state,
        );

        return new self(
            null === $changes->opens ? $state : $state->withOpened($changes->opens, $timed->work->needs->open),
            [...$this->going, $timed],
            $this->disturbedAt,
        );
    }

    /** @throws GateBroken if the engine is not fit to leave */
    public function askAtTheEnd(Position $position): void
    {
        foreach ($this->state->stillOpen() as $opening) {
            throw GateBroken::leftOpen($position, $opening);
        }
        foreach (Gate::atTheEnd() as $gate) {
            $this->state->meets($gate) || throw GateBroken::atTheEnd($position, $gate);
        }
    }

    /** @throws GateBroken */
    private function askCovers(PlannedWork $work): void
    {
        foreach ($work->needs->open as $opening) {
            $this->state->isOpen($opening) && !$this->isBeingOpened($opening) || throw GateBroken::behindCover($work, $opening);
        }
        foreach ($work->needs->shut as $opening) {
            !$this->state->isOpen($opening) || throw GateBroken::stillOpen($work, $opening);
        }
        $changes = $work->changes;
        if (null !== $changes->opens && $this->state->wasOpened($changes->opens)) {
            throw GateBroken::openedAgain($work, $changes->opens);
        }
        if (Opening::Propeller === $changes->opens && $this->state->wasOpened(Opening::LowerUnit)) {
            throw GateBroken::before($work, Gate::PropellerFirst);
        }
        if (null !== $changes->closes) {
            $this->state->isOpen($changes->closes) || throw GateBroken::notOpen($work, $changes->closes);
            foreach ($this->state->behind($changes->closes) as $behind) {
                throw GateBroken::stillOpen($work, $behind);
            }
        }
    }

    private function isBeingOpened(Opening $opening): bool
    {
        return [] !== array_filter($this->going, static fn (TimedWork $timed): bool => $opening === $timed->work->changes->opens);
    }

    /** @throws GateBroken */
    private function askEffects(PlannedWork $work): void
    {
        $state = $this->state;
        foreach ($work->changes->effects as $effect) {
            foreach (Gate::before($effect) as $gate) {
                $state->meets($gate) || throw GateBroken::before($work, $gate);
            }
            foreach (Opening::shutBefore($effect) as $opening) {
                if ($state->isOpen($opening) && $opening !== $work->changes->closes) {
                    throw GateBroken::stillOpen($work, $opening);
                }
            }
            $state = $state->after($effect);
        }
        if (Opening::Cowl === $work->changes->closes) {
            $state->meets(Gate::CountedOut) || throw GateBroken::before($work, Gate::CountedOut);
        }
    }

    private function ended(TimedWork $timed): self
    {
        $effects = $timed->work->changes->effects;
        $state = array_reduce($effects, static fn (EngineState $state, Effect $effect): EngineState => $state->ended($effect), $this->state);
        $closes = $timed->work->changes->closes;
        $disturbs = [] !== array_filter($effects, static fn (Effect $effect): bool => \in_array(Gate::Rested, $effect->breaks(), true));

        return new self(
            null === $closes ? $state : $state->withClosed($closes),
            array_values(array_filter($this->going, static fn (TimedWork $other): bool => $other !== $timed)),
            $disturbs ? $timed->endMin : $this->disturbedAt,
        );
    }
}
