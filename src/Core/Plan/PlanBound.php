<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

use FreshTack\Core\Plan\Sequence\Activity;
use FreshTack\Core\Plan\Sequence\InvalidSequence;
use FreshTack\Core\Plan\Sequence\LowerBound;
use FreshTack\Core\Plan\Sequence\SequenceProblem;

/**
 * Minutes that no plan can beat: the work with its waits and its presence, the turns that no plan can do without, and a
 * change of place for every place more than there are technicians.
 */
final readonly class PlanBound
{
    private const HANDS = 'hands';

    public static function of(RigWorks $rig, int $technicians, int $changeMin): int
    {
        $resources = [self::HANDS => $technicians];
        foreach ($rig->rig->positions as $position) {
            foreach (Zone::Whole->parts() as $zone) {
                $resources[$position->value.'.'.$zone->value] = 1;
            }
        }
        $activities = [];
        foreach ($rig->stretches as $number => $stretch) {
            $needs = 0 === $stretch->heldMin ? [] : [self::HANDS => min($stretch->people, $technicians)];
            foreach (null === $stretch->position ? [] : $stretch->zones as $zone) {
                $needs[$stretch->position->value.'.'.$zone] = 1;
            }
            $after = array_map(strval(...), $rig->waits->before($number));
            $activities[] = new Activity((string) $number, $stretch->heldMin, $stretch->unattendedMin, $needs, [], $after);
        }
        try {
            return (new LowerBound())->of(SequenceProblem::of($resources, [...$activities, ...self::turns($rig), ...self::changes($rig, $technicians, $changeMin)]));
        } catch (InvalidSequence $error) {
            throw new \LogicException('Work that was planned can\'t be put in order.', 0, $error);
        }
    }

    /**
     * Into each attitude that is asked for at least once, and back at the end.
     *
     * @return list<Activity>
     */
    private static function turns(RigWorks $rig): array
    {
        $turns = [];
        foreach ($rig->graphs as $graph) {
            $position = $graph->engine->position;
            $asked = $brought = [];
            foreach (array_filter($rig->stretches, static fn (Stretch $stretch): bool => $position === $stretch->position) as $stretch) {
                $asked[$stretch->enters->value ?? ''] = $stretch->enters;
                if (null !== $stretch->changes->turnsTo) {
                    $brought[$stretch->leaves->value ?? ''] = $stretch->leaves;
                    $asked[$stretch->leaves->value ?? ''] = $stretch->leaves;
                }
            }
            unset($asked[''], $asked[Attitude::Vertical->value]);
            $needed = array_diff_key($asked, $brought) + ([] === $asked || isset($brought[Attitude::Vertical->value]) ? [] : [Attitude::Vertical->value => Attitude::Vertical]);
            foreach ($needed as $attitude) {
                $minutes = null === $attitude ? 0 : $graph->engine->modes->turn($attitude)->hands->handsOnMin ?? 0;
                $turns[] = new Activity('turn '.\count($turns), $minutes, 0, [self::HANDS => 1], [], []);
            }
        }

        return $turns;
    }

    /** @return list<Activity> */
    private static function changes(RigWorks $rig, int $technicians, int $changeMin): array
    {
        $places = [];
        foreach ($rig->works as $work) {
            $below = $work->hands->zone->isBelow();
            if (null !== $work->position && null !== $below && $work->hands->heldMin() > 0) {
                $places[$work->position->value.($below ? ' below' : ' above')] = true;
            }
        }
        $changes = [];
        for ($more = \count($places) - $technicians; $more > 0; --$more) {
            $changes[] = new Activity('change '.$more, $changeMin, 0, [self::HANDS => 1], [], []);
        }

        return $changes;
    }
}
