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
        $ending = array_values(array_filter($this->going, static fn (TimedWork $timed): bool => $timed->endMin <= $minute));
        if ([] === $ending) {
            return $this;
        }
        usort($ending, static fn (TimedWork $a, TimedWork $b): int => $a->endMin <=> $b->endMin);
        $engine = $this;
        foreach ($ending as $timed) {
            $engine = $engine->ended($timed);
        }

        return $engine;
    }

    /** @throws GateBroken if the work may not begin now */
    public function ask(TimedWork $timed, string $position): void
    {
        $work = $timed->work;
        $this->askCovers($work, $position);
        if (null !== $work->attitude && $work->attitude !== $this->state->attitude) {
            throw GateBroken::hangsWrong($work, $position, $work->attitude, $this->state->attitude);
        }
        foreach ([...$work->lockout->gates(), ...($work->cold ? [Gate::Cold] : []), ...$work->only] as $gate) {
            $this->state->meets($gate) || throw GateBroken::before($work, $position, $gate);
        }
        if ($work->restMin > $timed->startMin - $this->disturbedAt) {
            throw GateBroken::restedTooShort($work, $position, $work->restMin - $timed->startMin + $this->disturbedAt);
        }
        $this->askEffects($work, $position);
    }

    public function begin(TimedWork $timed): self
    {
        $state = array_reduce($timed->work->effects, static fn (EngineState $state, Effect $effect): EngineState => $state->begun($effect), $this->state);
        $opens = $timed->work->opens;

        return new self(null === $opens ? $state : $state->withOpened($opens, $timed->work->openings), [...$this->going, $timed], $this->disturbedAt);
    }

    /** @throws GateBroken if the engine is not fit to leave */
    public function askAtTheEnd(string $position): void
    {
        foreach ($this->state->stillOpen() as $opening) {
            throw GateBroken::leftOpen($position, $opening);
        }
        foreach (Gate::atTheEnd() as $gate) {
            $this->state->meets($gate) || throw GateBroken::atTheEnd($position, $gate);
        }
    }

    /** @throws GateBroken */
    private function askCovers(PlannedWork $work, string $position): void
    {
        foreach ($work->openings as $opening) {
            $this->state->isOpen($opening) && !$this->isBeingOpened($opening) || throw GateBroken::behindCover($work, $position, $opening);
        }
        foreach ($work->shut as $opening) {
            !$this->state->isOpen($opening) || throw GateBroken::stillOpen($work, $position, $opening);
        }
        if (null !== $work->opens && $this->state->wasOpened($work->opens)) {
            throw GateBroken::openedAgain($work, $position, $work->opens);
        }
        if (null !== $work->closes) {
            $this->state->isOpen($work->closes) || throw GateBroken::notOpen($work, $position, $work->closes);
            foreach ($this->state->behind($work->closes) as $behind) {
                throw GateBroken::stillOpen($work, $position, $behind);
            }
        }
    }

    private function isBeingOpened(Opening $opening): bool
    {
        return [] !== array_filter($this->going, static fn (TimedWork $timed): bool => $opening === $timed->work->opens);
    }

    /** @throws GateBroken */
    private function askEffects(PlannedWork $work, string $position): void
    {
        $state = $this->state;
        foreach ($work->effects as $effect) {
            foreach (Gate::before($effect) as $gate) {
                $state->meets($gate) || throw GateBroken::before($work, $position, $gate);
            }
            foreach (Opening::shutBefore($effect) as $opening) {
                if ($state->isOpen($opening) && $opening !== $work->closes) {
                    throw GateBroken::stillOpen($work, $position, $opening);
                }
            }
            $state = $state->after($effect);
        }
        if (Opening::Cowl === $work->closes) {
            $state->meets(Gate::CountedOut) || throw GateBroken::before($work, $position, Gate::CountedOut);
        }
    }

    private function ended(TimedWork $timed): self
    {
        $effects = $timed->work->effects;
        $state = array_reduce($effects, static fn (EngineState $state, Effect $effect): EngineState => $state->ended($effect), $this->state);
        $closes = $timed->work->closes;
        $disturbs = [] !== array_filter($effects, static fn (Effect $effect): bool => \in_array(Gate::Rested, $effect->breaks(), true));

        return new self(
            null === $closes ? $state : $state->withClosed($closes),
            array_values(array_filter($this->going, static fn (TimedWork $other): bool => $other !== $timed)),
            $disturbs ? $timed->endMin : $this->disturbedAt,
        );
    }
}
