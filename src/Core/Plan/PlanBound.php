<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

use FreshTack\Core\Plan\Sequence\Activity;
use FreshTack\Core\Plan\Sequence\InvalidSequence;
use FreshTack\Core\Plan\Sequence\LowerBound;
use FreshTack\Core\Plan\Sequence\SequenceProblem;

/**
 * Minutes that no plan can beat: the work with its waits and its presence, the turns that no plan can do without, and a
 * change of place for every place more than there are technicians. For one technician what `SoloBound` finds, if it is
 * more.
 */
final readonly class PlanBound
{
    private const HANDS = 'hands';

    public static function of(WalkMap $map, int $technicians, int $changeMin): int
    {
        return max(
            1 === $technicians ? SoloBound::of($map, $changeMin) : 0,
            self::ofHands($map->rig, $technicians, $changeMin),
        );
    }

    private static function ofHands(RigWorks $rig, int $technicians, int $changeMin): int
    {
        $resources = [self::HANDS => $technicians];
        foreach ($rig->rig->positions as $position) {
            foreach (Zone::Whole->parts() as $zone) {
                $resources[$position->value.'.'.$zone->value] = 1;
            }
        }
        $activities = $turned = [];
        foreach (self::turns($rig) as $place => [$minutes, $before, $behind]) {
            $turned[$behind] = 'turn '.$place;
            $activities[] = new Activity('turn '.$place, $minutes, 0, [self::HANDS => 1], [], $before < 0 ? [] : [(string) $before]);
        }
        foreach ($rig->stretches as $number => $stretch) {
            $needs = 0 === $stretch->heldMin ? [] : [self::HANDS => min($stretch->people, $technicians)];
            $at = $stretch->position->value ?? '';
            foreach ('' === $at ? [] : $stretch->zones as $zone) {
                $needs[$at.'.'.$zone] = 1;
            }
            $after = [...array_map(strval(...), $rig->waits->before($number)), ...(isset($turned[$number]) ? [$turned[$number]] : [])];
            $activities[] = new Activity((string) $number, $stretch->heldMin, $stretch->unattendedMin, $needs, [], $after);
        }
        try {
            return (new LowerBound())->of(SequenceProblem::of(
                $resources,
                [...$activities, ...self::changes($rig, $technicians, $changeMin)],
            ));
        } catch (InvalidSequence $error) {
            throw new \LogicException('Work that was planned can\'t be put in order.', 0, $error);
        }
    }

    /**
     * The turns that no plan can do without: those along the chain of an engine's work in which it must hang another way
     * most often.
     *
     * @return list<array{int, int, int}> minutes, the stretch before it, the stretch behind it
     */
    private static function turns(RigWorks $rig): array
    {
        $turns = [];
        foreach ($rig->graphs as $graph) {
            $chain = TurnChain::of($rig, $graph->engine->position);
            foreach ($chain as $place => $number) {
                $before = $chain[$place - 1] ?? null;
                $hangs = null === $before ? Attitude::Vertical : $rig->stretches[$before]->leaves ?? Attitude::Vertical;
                $enters = $rig->stretches[$number]->enters;
                if (null !== $enters && $enters !== $hangs) {
                    $turns[] = [$graph->engine->modes->turn($enters)->hands->handsOnMin ?? 0, $before ?? -1, $number];
                }
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
            if (null !== $work->position && null !== $below && $work->hands->heldMin > 0) {
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
