<?php

declare(strict_types=1);

namespace FreshTack\Core\Bench;

use FreshTack\Core\Plan\Effect;
use FreshTack\Core\Plan\Gate;
use FreshTack\Core\Plan\Position;

/** Each operation stands once in an order: what comes before is not left behind where it could not be done any more. */
final readonly class SequenceGates
{
    /** @param \Closure(): OpenSteps $open */
    public function __construct(private IssuedOrder $order, private BenchState $state, private \Closure $open)
    {
    }

    /**
     * Steps that must be done, and those that change something, are done in the order of their operation.
     *
     * @param list<Effect> $effects
     */
    public function within(IssuedWork $work, BenchStep $step, array $effects): ?NotYet
    {
        foreach ([] === $effects && !$step->must ? [] : $work->steps as $other) {
            if ($other === $step) {
                return null;
            }
            if (($other->must || [] !== $other->effects) && !isset($this->state->answers[$other->id])) {
                return NotYet::because(null, '', 'Another step of the same work comes before it.', $other);
            }
        }

        return null;
    }

    /** What the rig asks for first comes before all that is done at the engines; what closes it, after all of it. */
    public function frame(IssuedWork $work): ?NotYet
    {
        if ($this->state->rig->hasBegun($work)) {
            return null;
        }
        $waitsForAll = $this->order->isLast($work);
        foreach ($this->order->all as $other) {
            if ($other === $work) {
                break;
            }
            if (($waitsForAll || $this->order->isFirst($other)) && !$other->isOver($this->state->answers)) {
                return NotYet::because(null, '', 'Something else comes before it.', ($this->open)()->of($other));
            }
        }

        return null;
    }

    /**
     * Each is done once: what comes before it in the order is not left behind where it could not be done any more. A
     * lockout, a turn, a run waits for all that comes before; what is closed is needed open by nothing more.
     */
    public function turn(IssuedWork $work, Position $position): ?NotYet
    {
        if ($this->state->rig->hasBegun($work)) {
            return null;
        }
        $closes = $work->work->changes->closes;
        $waitsForAll = $work->isMode() || $work->isRun();
        $isBefore = true;
        foreach ($this->order->all as $other) {
            $isBefore = $isBefore && $other !== $work;
            if ($other === $work || $position !== $other->work->position || $other->isOver($this->state->answers)) {
                continue;
            }
            if (null !== $closes && \in_array($closes, $other->work->needs->open, true)) {
                return NotYet::because(
                    Gate::ClosedNext,
                    $this->order->nameOf($position),
                    \sprintf('The %s is still needed open.', $closes->label()),
                    ($this->open)()->of($other),
                );
            }
            if ($isBefore && ($waitsForAll || $other->isSpoiltBy($work))) {
                return NotYet::because(
                    null,
                    $this->order->nameOf($position),
                    'Something else comes before it.',
                    ($this->open)()->of($other),
                );
            }
        }

        return null;
    }
}
