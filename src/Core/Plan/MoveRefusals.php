<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** Says what stands against wishes that can't be met: each is tried, and the gates asked. */
final readonly class MoveRefusals
{
    public function __construct(private GateChecker $gates = new GateChecker())
    {
    }

    /** @return list<RefusedMove> in the order in which they were asked for */
    public function of(RigWorks $rig): array
    {
        return array_map(fn (HandMove $move): RefusedMove => $this->reason($rig, $move), $rig->missed);
    }

    private function reason(RigWorks $rig, HandMove $move): RefusedMove
    {
        $work = $rig->work($move->work);
        $before = $rig->work($move->before);
        if (null === $work || null === $before) {
            return new RefusedMove($move, null, 'What was moved is no longer part of this order.');
        }
        try {
            $this->gates->check($rig->rig, $this->tried($rig, $work, $before));
        } catch (GateBroken $broken) {
            return new RefusedMove(
                $move,
                $broken->gate,
                \sprintf('Before "%s" is no place for "%s". %s', $before->title, $work->title, $broken->getMessage()),
            );
        }

        return new RefusedMove(
            $move,
            null,
            \sprintf('"%s" follows "%s" in its procedure, or by what was moved before.', $work->title, $before->title),
        );
    }

    /**
     * All the work one behind the other, with the moved work where it was wanted.
     *
     * @return list<PlannedWork>
     */
    private function tried(RigWorks $rig, PlannedWork $moved, PlannedWork $before): array
    {
        $sequence = [];
        foreach ($rig->works as $work) {
            array_push($sequence, ...($work === $before ? [$moved] : []), ...($work !== $moved || $moved === $before ? [$work] : []));
        }

        return WithModes::of($rig, $sequence);
    }
}
