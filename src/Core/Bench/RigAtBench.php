<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

use FreshTack\Core\Plan\Effect;
use FreshTack\Core\Plan\Gate;
use FreshTack\Core\Plan\Position;
use FreshTack\Core\Plan\Rig;

/** All engines of an order as the log left them, and the operations that are begun. */
final readonly class RigAtBench
{
    /**
     * @param array<string, EngineAtBench> $engines by position
     * @param array<string, BegunWork>     $begun    by the id of the work
     * @param array<string, Entry>         $released by position
     */
    private function __construct(public Rig $rig, private array $engines, private array $begun, public array $released = [])
    {
    }

    public static function onArrival(Rig $rig): self
    {
        return new self($rig, array_map(
            static fn (): EngineAtBench => EngineAtBench::onArrival(),
            array_fill_keys(array_column($rig->positions, 'value'), true),
        ), []);
    }

    public function engine(Position $position): EngineAtBench
    {
        return $this->engines[$position->value] ?? EngineAtBench::onArrival();
    }

    /** @return list<Position> those that a work is done at: its own engine, or all */
    public function concerned(?Position $position): array
    {
        return null === $position ? $this->rig->positions : [$position];
    }

    public function hasBegun(IssuedWork $work): bool
    {
        return isset($this->begun[$work->work->id->text]);
    }

    /** Whether it closes something that stands open, or puts right what an engine must not leave without. */
    public function isMadeWholeBy(IssuedWork $work): bool
    {
        foreach ($this->concerned($work->work->position) as $position) {
            $engine = $this->engine($position);
            $closes = $work->work->changes->closes;
            if (null !== $closes && $engine->state->isOpen($closes)) {
                return true;
            }
            foreach (Gate::atTheEnd() as $gate) {
                if (!$engine->meets($gate) && $work->meets($gate)) {
                    return true;
                }
            }
        }

        return false;
    }

    /** The entry by which an engine was let go; null: it is still here. */
    public function release(?Position $position): ?Entry
    {
        return $this->released[$position->value ?? ''] ?? null;
    }

    public function letGo(Position $position, Entry $entry): self
    {
        return new self($this->rig, $this->engines, $this->begun, [...$this->released, $position->value => $entry]);
    }

    /** When something of it was last done; null: never. */
    public function lastAt(IssuedWork $work): ?\DateTimeImmutable
    {
        return ($this->begun[$work->work->id->text] ?? null)?->lastAt;
    }

    /** @return list<IssuedWork> begun and not ended */
    public function going(): array
    {
        return array_column($this->inHand(), 'work');
    }

    /** @return list<BegunWork> not ended */
    public function inHand(): array
    {
        return array_values(array_filter($this->begun, static fn (BegunWork $each): bool => !$each->isOver));
    }

    /**
     * An operation begins with its first entry; what it opens is open from then on.
     *
     * @param list<Effect> $effects what this entry brings about
     * @param string|null  $by      whose hands; null: nobody knows
     */
    public function after(IssuedWork $work, array $effects, ?string $by, ?\DateTimeImmutable $at): self
    {
        $engines = $this->engines;
        foreach ($this->concerned($work->work->position) as $position) {
            $engine = $this->engine($position);
            $opens = $work->work->changes->opens;
            $engine = null === $opens || $this->hasBegun($work) ? $engine : $engine->withOpened($opens, $work->work->needs->open);
            $engines[$position->value] = array_reduce(
                $effects,
                static fn (EngineAtBench $engine, Effect $effect): EngineAtBench => $engine->after($effect, $by, $at),
                $engine,
            );
        }

        $begun = new BegunWork($work, $at, $by, true === ($this->begun[$work->work->id->text] ?? null)?->isOver);

        return new self($this->rig, $engines, [...$this->begun, $work->work->id->text => $begun], $this->released);
    }

    /**
     * It ends with its last must-step; what it closes is closed from then on.
     *
     * @param bool $isDone whether all of them were done
     */
    public function ended(IssuedWork $work, bool $isDone): self
    {
        $engines = $this->engines;
        $closes = $isDone ? $work->work->changes->closes : null;
        foreach ($this->concerned($work->work->position) as $position) {
            $engine = $this->engine($position);
            $engines[$position->value] = null === $closes ? $engine : $engine->withClosed($closes);
        }

        $begun = $this->begun[$work->work->id->text] ?? null;

        return new self(
            $this->rig,
            $engines,
            null === $begun ? $this->begun : [...$this->begun, $work->work->id->text => $begun->ended()],
            $this->released,
        );
    }
}
