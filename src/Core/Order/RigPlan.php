<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use FreshTack\Core\Plan\EngineWorks;
use FreshTack\Core\Plan\Frame;
use FreshTack\Core\Plan\HandMove;
use FreshTack\Core\Plan\ModeChanges;
use FreshTack\Core\Plan\PlannedWork;
use FreshTack\Core\Plan\RigWorks;
use FreshTack\Core\Plan\TimelineEntry;
use FreshTack\Core\Procedure\Mode;

/** The operations of all engines as work for the planner, and the way back from its plan. */
final readonly class RigPlan
{
    /**
     * @param array<string, OrderedOperation> $known by the id of their work
     */
    private function __construct(public RigWorks $works, private array $known)
    {
    }

    /**
     * @param list<EngineOrder> $engines from port to starboard
     * @param list<HandMove>    $moves   by hand; the earlier ones have precedence
     */
    public static function of(array $engines, array $moves = []): self
    {
        $known = $rig = $works = $footprints = [];
        foreach ($engines as $engine) {
            $own = [];
            foreach ($engine->operations as $operation) {
                $work = $operation->planned($footprints[$operation->footprintKey()] ?? null);
                $footprints[$operation->footprintKey()] = $work->footprint;
                if (null === $operation->position) {
                    $rig[$work->id] ??= [$operation, $work];
                } else {
                    $own[] = $work;
                }
                $known[$work->id] ??= $operation;
            }
            foreach ($engine->modes as $operation) {
                $known[$operation->planned()->id] = $operation;
            }
            if ([] !== $own) {
                $works[] = new EngineWorks($engine->position->value, $own, self::modes($engine), self::movesAt($engine->position->value, $moves));
            }
        }
        $ranked = array_values($rig);
        usort($ranked, static fn (array $a, array $b): int => $a[1]->rank <=> $b[1]->rank);
        $first = array_filter($ranked, static fn (array $entry): bool => Frame::Last !== $entry[1]->frame);
        $last = array_filter($ranked, static fn (array $entry): bool => Frame::Last === $entry[1]->frame);

        $kept = array_values(array_filter(self::movesAt('rig', $moves), static fn (HandMove $move): bool => isset($rig[$move->work], $rig[$move->before])));

        return new self(new RigWorks(array_column($first, 1), $works, array_column($last, 1), $kept), $known);
    }

    /**
     * @param list<HandMove> $moves
     *
     * @return list<HandMove>
     */
    private static function movesAt(string $position, array $moves): array
    {
        return array_values(array_filter($moves, static fn (HandMove $move): bool => str_starts_with($move->work, $position.'.')));
    }

    public function operation(TimelineEntry $entry): OrderedOperation
    {
        $operation = $this->known[$entry->work->id];

        return $entry->work->time > 1 ? $operation->again($entry->work->time) : $operation;
    }

    private static function modes(EngineOrder $engine): ModeChanges
    {
        $of = static fn (Mode $mode): array => array_values(array_map(static fn (OrderedOperation $operation): PlannedWork => $operation->planned(), array_filter($engine->modes, static fn (OrderedOperation $operation): bool => $mode === $operation->operation->setting->mode)));
        $turns = [];
        foreach ($of(Mode::Turn) as $turn) {
            $turns[$turn->turnsTo()->value ?? ''] ??= $turn;
        }

        return new ModeChanges($of(Mode::LockOut)[0] ?? null, $of(Mode::Unlock)[0] ?? null, $of(Mode::HandBack)[0] ?? null, $turns);
    }
}
