<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** Puts the works of one engine one behind the other, with lockouts and changes of attitude where the next work needs them. */
final class ModeKeeper
{
    /** @var list<PlannedWork> */
    private array $sequence = [];
    /** @var array<string, int> how often each change was made */
    private array $times = [];
    private Attitude $attitude = Attitude::Vertical;
    private bool $locked = false;

    public function __construct(private readonly ModeChanges $modes)
    {
    }

    /** How many changes a work would take now. A turn counts for two: it lifts the lockout. */
    public function changesFor(PlannedWork $work): int
    {
        $turn = null !== $work->attitude && $work->attitude !== $this->attitude ? 2 : 0;

        return $turn + (Lockout::Any !== $work->lockout && (Lockout::Locked === $work->lockout) !== $this->locked ? 1 : 0);
    }

    public function place(PlannedWork $work): void
    {
        if (null !== $work->attitude) {
            $this->turnTo($work->attitude);
        }
        if (Lockout::Locked === $work->lockout && !$this->locked) {
            $this->change($this->modes->lockOut);
        }
        if (Lockout::Free === $work->lockout && $this->locked) {
            $this->change($this->modes->unlock);
        }
        $this->add($work);
    }

    /** @return list<PlannedWork> all of it, the engine handed back upright and free to start */
    public function sequence(): array
    {
        if ([] !== $this->sequence) {
            $this->turnTo(Attitude::Vertical);
            if ($this->locked) {
                $this->change($this->modes->handBack);
            }
        }

        return $this->sequence;
    }

    private function turnTo(Attitude $attitude): void
    {
        if ($attitude !== $this->attitude) {
            $this->change($this->modes->turns[$attitude->value] ?? null);
        }
    }

    /** A change that the book does not know is left out: the gates then refuse the plan. */
    private function change(?PlannedWork $change): void
    {
        if (null !== $change) {
            $this->times[$change->id] = ($this->times[$change->id] ?? 0) + 1;
            $this->add($change->again($this->times[$change->id]));
        }
    }

    private function add(PlannedWork $work): void
    {
        $this->sequence[] = $work;
        $this->attitude = $work->turnsTo() ?? $this->attitude;
        $last = array_values(array_filter($work->effects, static fn (Effect $effect): bool => Effect::LockedOut === $effect || Effect::LockoutLifted === $effect));
        $this->locked = [] === $last ? $this->locked : Effect::LockedOut === $last[\count($last) - 1];
    }
}
