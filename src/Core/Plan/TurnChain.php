<?php

declare(strict_types=1);

namespace FreshTack\Core\Plan;

/** Work on an engine, each waiting for the one before, along which it must hang another way most often. */
final readonly class TurnChain
{
    /** @return list<int> stretches that say how the engine hangs */
    public static function of(RigWorks $rig, Position $position): array
    {
        $best = $from = [];
        foreach ($rig->waits->order() as $number) {
            $stretch = $rig->stretches[$number];
            if ($position !== $stretch->position || null === $stretch->enters) {
                continue;
            }
            $best[$number] = Attitude::Vertical === $stretch->enters ? 0 : 1;
            foreach ($rig->waits->all($number) as $other => $_) {
                $turns = ($best[$other] ?? -\INF) + ($rig->stretches[$other]->leaves === $stretch->enters ? 0 : 1);
                if ($other !== $number && $turns > $best[$number]) {
                    [$best[$number], $from[$number]] = [$turns, $other];
                }
            }
        }
        $chain = [];
        $next = [] === $best ? null : array_search(max($best), $best, true);
        while (\is_int($next)) {
            array_unshift($chain, $next);
            $next = $from[$next] ?? null;
        }

        return $chain;
    }
}
