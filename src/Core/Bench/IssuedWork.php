<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

use FreshTack\Core\Plan\Effect;
use FreshTack\Core\Plan\Gate;
use FreshTack\Core\Plan\Lockout;
use FreshTack\Core\Plan\PlannedWork;
use FreshTack\Core\SpecBook\Task;

/** An operation of a frozen order: what it needs and changes, and the steps in which it is done. */
final readonly class IssuedWork
{
    /** @var list<BenchStep> those that end it: its must-steps; where it has none, all */
    public array $ending;
    /** @var array<string, true> gates that it needs, by their code */
    private array $needed;
    /** @var array<string, true> gates that it undoes */
    private array $broken;
    /** @var array<string, true> gates that it brings about */
    private array $met;

    /**
     * @param Task|null       $task    null: it belongs to every visit
     * @param list<BenchStep> $steps
     * @param bool            $isAsked whether the order says what it needs; orders of before don't, and no gate is asked
     */
    public function __construct(public PlannedWork $work, public ?Task $task, public array $steps, public bool $isAsked)
    {
        $musts = array_values(array_filter($steps, static fn (BenchStep $step): bool => $step->must));
        $this->ending = [] === $musts ? $steps : $musts;
        $effects = $work->changes->effects;
        $this->needed = Gate::codes($work->gates());
        $this->broken = Gate::codes(array_merge(...array_map(static fn (Effect $effect): array => $effect->breaks(), $effects)));
        $this->met = Gate::codes(array_merge(...array_map(static fn (Effect $effect): array => $effect->meets(), $effects)));
    }

    /**
     * Whether it can't be done any more once the other, which comes after it in the order, is done: what it opens would
     * stay open, what it needs would be gone.
     */
    public function isSpoiltBy(self $later): bool
    {
        return [] !== array_intersect_key($this->broken, $later->met) || [] !== array_intersect_key($this->needed, $later->broken);
    }

    /**
     * Nothing of it is left to be entered.
     *
     * @param array<string, EntryContent> $answers by step
     */
    public function isOver(array $answers): bool
    {
        return [] === array_filter($this->ending, static fn (BenchStep $step): bool => !isset($answers[$step->id]));
    }

    /** Whether it brings a gate about. */
    public function meets(Gate $gate): bool
    {
        return isset($this->met[$gate->value]);
    }

    /** Whether it undoes one. */
    public function breaks(Gate $gate): bool
    {
        return isset($this->broken[$gate->value]);
    }

    /** Starts an engine, runs it or stops it. */
    public function isRun(): bool
    {
        return Lockout::Free === $this->work->needs->lockout || $this->work->changes->hasAny(Effect::Started, Effect::Cranked, Effect::Stopped);
    }

    /** Hands at the key or the tilt switch and at nothing else. */
    public function isMode(): bool
    {
        return $this->work->changes->isMode();
    }

    /** Whether it is a part of the same task at the same engine. */
    public function isOfTaskOf(self $other): bool
    {
        return null !== $this->task && $this->task === $other->task && $this->work->position === $other->work->position;
    }

    public function isOf(IssuedTask $task): bool
    {
        return $task->task === $this->task && $task->position === $this->work->position;
    }

    public function together(): string
    {
        return $this->work->standing->together;
    }
}
