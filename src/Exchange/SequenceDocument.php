<?php

declare(strict_types=1);

namespace FreshTack\Exchange;

use FreshTack\Core\Plan\Sequence\Activity;
use FreshTack\Core\Plan\Sequence\SequencePlan;

/** A plan as the open document that `plan:sequence` writes; all minutes are whole numbers. */
final readonly class SequenceDocument
{
    /** @return array<string, mixed> */
    public static function of(SequencePlan $plan): array
    {
        return [
            'makespanMin' => $plan->makespanMin,
            'lowerBoundMin' => $plan->lowerBoundMin,
            'activities' => array_map(static fn (Activity $activity, int $start): array => [
                'id' => $activity->id,
                'startMin' => $start,
                'attendedEndMin' => $start + $activity->attendedMin,
                'endMin' => $start + $activity->lengthMin(),
            ], $plan->problem->activities, $plan->startsMin),
        ];
    }
}
