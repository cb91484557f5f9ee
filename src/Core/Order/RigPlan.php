<?php

declare(strict_types=1);

namespace FreshTack\Core\Order;

use FreshTack\Core\Plan\CannotPlan;
use FreshTack\Core\Plan\EngineWorks;
use FreshTack\Core\Plan\HandMove;
use FreshTack\Core\Plan\ModeChanges;
use FreshTack\Core\Plan\PlannedWork;
use FreshTack\Core\Plan\Position;
use FreshTack\Core\Plan\Rig;
use FreshTack\Core\Plan\RigWorks;
use FreshTack\Core\Plan\TimelineEntry;
use FreshTack\Core\Procedure\Mode;

/** The operations of all engines as work for the planner, and the way back from its plan. */
final readonly class RigPlan
{
    /** @param array<string, OrderedOperation> $known by the id of their work */
    private function __construct(public RigWorks $works, private array $known)
    {
    }

    /**
     * @param list<EngineOrder> $engines from port to starboard
     * @param bool              $shared  whether keys, lanyards or batteries serve more than one engine
     * @param list<HandMove>    $moves   by hand; the earlier ones have precedence
     *
     * @throws CannotPlan if the book's works wait for each other in a circle
     */
    public static function of(array $engines, bool $shared = false, array $moves = []): self
    {
        $known = $rig = $works = $ofRig = [];
        foreach ($engines as $engine) {
            $own = [];
            foreach ($engine->operations as $operation) {
                if (null === $operation->position) {
                    $rig[$operation->work->id->work] ??= $operation->work;
                    $ofRig[$operation->work->id->work][$engine->position->value] = $operation;
                } else {
                    $own[] = $operation->work;
                }
            }
            foreach ([...$engine->operations, ...$engine->modes] as $operation) {
                $known[$operation->work->id->work] ??= $operation;
            }
            if ([] !== $own) {
                $works[] = new EngineWorks($engine->position, $own, self::modes($engine));
            }
        }
        foreach ($ofRig as $id => $each) {
            $known[$id] = $known[$id]->askedAtEach($each);
        }
        $positions = array_map(static fn (EngineOrder $engine): Position => $engine->position, $engines);

        return new self(new RigWorks(new Rig($positions, $shared), array_values($rig), $works, $moves), $known);
    }

    public function operation(TimelineEntry $entry): OrderedOperation
    {
        $operation = $this->known[$entry->work->id->work];

        return $entry->work->id->time > 1 ? $operation->again($entry->work->id->time) : $operation;
    }

    private static function modes(EngineOrder $engine): ModeChanges
    {
        $of = static fn (Mode $mode): array => array_values(array_map(
            static fn (OrderedOperation $operation): PlannedWork => $operation->work,
            array_filter($engine->modes, static fn (OrderedOperation $operation): bool => $mode === $operation->operation->calling->mode),
        ));
        $turns = [];
        foreach ($of(Mode::Turn) as $turn) {
            $turns[$turn->changes->turnsTo->value ?? ''] ??= $turn;
        }

        return new ModeChanges($of(Mode::LockOut)[0] ?? null, $of(Mode::Unlock)[0] ?? null, $of(Mode::HandBack)[0] ?? null, $turns);
    }
}
