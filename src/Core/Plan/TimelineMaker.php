<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** The works of a walk with their lockouts and turns, each in its place in time. */
final readonly class TimelineMaker
{
    public function __construct(private RigWorks $rig, private int $technicians)
    {
    }

    /** @return list<TimelineEntry> in the order in which they begin */
    public function entries(Walked $walked): array
    {
        $timed = [];
        foreach ($this->rig->stretches as $number => $stretch) {
            foreach (isset($walked->turns[$number]) ? [$walked->turns[$number]] : [] as [$turn, $minute]) {
                $timed[] = [$minute, $turn, $walked->by[$number]];
            }
            foreach ($stretch->works as $place => $work) {
                $timed[] = [
                    $walked->starts[$number] + $stretch->offsets[$place],
                    $work,
                    $work->hands->heldMin > 0 ? $walked->by[$number] : [],
                ];
            }
        }
        usort($timed, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $times = [];

        return array_map(function (array $entry) use (&$times): TimelineEntry {
            [$minute, $work, $by] = $entry;
            $time = $times[$work->id->work] = ($times[$work->id->work] ?? 0) + 1;

            return new TimelineEntry(
                $time > 1 ? $work->named($work->id->again($time)) : $work,
                $minute,
                $by,
                $work->hands->people > $this->technicians,
            );
        }, $timed);
    }
}
