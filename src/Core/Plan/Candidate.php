<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

use FreshTack\Core\Plan\Sequence\InvalidSequence;
use FreshTack\Core\Plan\Sequence\SequencePlan;
use FreshTack\Core\Plan\Sequence\Sequencer;

/** One way of arranging the work, with a first plan to judge it by. */
final readonly class Candidate
{
    /** @var list<PlannedWork> */
    public array $sequence;
    public CompiledWork $compiled;
    public SequencePlan $quick;

    /** @throws InvalidSequence never, for works that can be put in an order */
    public function __construct(public Arrangement $arrangement, RigWorks $rig, int $technicians, Sequencer $sequencer)
    {
        $this->sequence = $arrangement->sequence();
        $this->compiled = new CompiledWork($this->sequence, $rig->positions(), $technicians, $rig->moves());
        $this->quick = $sequencer->quick($this->compiled->problem);
    }

    /** @return array{int, int} minutes, changes of attitude */
    public function score(): array
    {
        return [$this->quick->makespanMin, \count(array_filter($this->sequence, static fn (PlannedWork $work): bool => null !== $work->turnsTo()))];
    }
}
