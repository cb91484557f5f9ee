<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

use FreshTack\Core\Plan\Sequence\InvalidSequence;
use FreshTack\Core\Plan\Sequence\SequencePlan;
use FreshTack\Core\Plan\Sequence\Sequencer;

/**
 * Plans the work on a rig: shortest first, then with the fewest changes of attitude. Part of the effort goes into what
 * is done before, between and after the runs, the rest into the order within that.
 */
final readonly class WorkPlanner
{
    public function __construct(private Sequencer $sequencer = new Sequencer())
    {
    }

    /**
     * @param int $technicians from 1
     *
     * @throws InvalidSequence never, if the works were put in an order before
     */
    public function plan(RigWorks $rig, int $technicians, Effort $spent): Timeline
    {
        $best = new Candidate(Arrangement::usual($rig), $rig, $technicians, $this->sequencer);
        $effort = $spent->schedules($best->compiled->problem->count());
        [$best, $left] = $this->arranged($best, $rig, $technicians, intdiv($effort, 2));
        $plan = 0 === $effort ? $best->quick : $this->sequencer->plan($best->compiled->problem, max(1, $effort - intdiv($effort, 2) + $left));

        return new Timeline($this->entries($best->sequence, $best->compiled, $plan, $technicians), $technicians, $plan->makespanMin, 0 === $effort ? null : $plan->lowerBoundMin, $plan->schedules);
    }

    /**
     * @return array{Candidate, int} the best found, schedules left
     *
     * @throws InvalidSequence
     */
    private function arranged(Candidate $best, RigWorks $rig, int $technicians, int $effort): array
    {
        do {
            $from = $best;
            foreach ($from->arrangement->neighbours() as $neighbour) {
                if (0 === $effort) {
                    return [$best, 0];
                }
                --$effort;
                $candidate = new Candidate($neighbour, $rig, $technicians, $this->sequencer);
                $best = $candidate->score() < $best->score() ? $candidate : $best;
            }
        } while ($best !== $from);

        return [$best, $effort];
    }

    /**
     * @param list<PlannedWork> $sequence
     *
     * @return list<TimelineEntry>
     */
    private function entries(array $sequence, CompiledWork $compiled, SequencePlan $plan, int $technicians): array
    {
        $hands = (new HandsAssigner($technicians))->assign($compiled->problem->activities, $plan->startsMin, $compiled->positions);
        $entries = [];
        foreach ($sequence as $place => $work) {
            [$activity, $offset] = $compiled->places[$place];
            $entries[] = [$plan->startsMin[$activity] + $offset, $place, new TimelineEntry($work, $plan->startsMin[$activity] + $offset, 0 === $work->attendedMin ? [] : $hands[$activity], $work->people > $technicians)];
        }
        usort($entries, static fn (array $a, array $b): int => [$a[0], $a[1]] <=> [$b[0], $b[1]]);

        return array_column($entries, 2);
    }
}
