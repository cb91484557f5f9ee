<?php

declare(strict_types=1);

namespace FreshTack\Shop\Register;

use FreshTack\Core\Plan\Position;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Shop\Audit\AuditLog;
use FreshTack\Shop\Audit\Subject;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\Due\ReckonDues;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Order\Orders;
use FreshTack\Shop\TakenBack\Moved;
use FreshTack\Shop\TakenBack\MoveLog;
use FreshTack\Shop\TakenBack\Place;
use FreshTack\Shop\Today;
use FreshTack\Shop\Unit;

/**
 * Hangs an engine in a place, moves it between boats, swaps it with the one that hangs there, or takes it off. The
 * engine keeps its record whatever it hangs on. Boats with an open order keep their engines until it is released.
 */
final readonly class FitEngine
{
    private const MOST = 5;

    public function __construct(
        private Register $register,
        private Orders $orders,
        private ReckonDues $reckon,
        private MoveLog $moves,
        private AuditLog $audit,
        private Unit $unit,
        private Today $today,
    ) {
    }

    /** @throws NotFound|Conflict|InvalidDocument */
    public function takeOff(int $engineId, \DateTimeImmutable $on, string $by): void
    {
        $this->unit->run(function () use ($engineId, $on, $by): void {
            $engine = $this->locked($engineId, null);
            $this->checkDay($engine, $on);
            $this->checkOrders($engine->boatId);
            $this->register->takeOff($engineId, $on);
            $this->moves->add($by, new Moved($engineId, self::place($engine), null));
            $this->audit->add(
                $by,
                'engine.taken_off',
                Subject::engine($engineId),
                ['boat' => $engine->boatId, 'position' => $engine->position?->value],
            );
            $this->reckon->ofEngine($engineId);
        });
    }

    /**
     * @param bool $swap whether an engine that hangs there goes to where this one comes from
     *
     * @throws NotFound|Conflict|InvalidDocument
     */
    public function hang(int $engineId, int $boatId, Position $position, \DateTimeImmutable $on, bool $swap, string $by): void
    {
        $this->unit->run(function () use ($engineId, $boatId, $position, $on, $swap, $by): void {
            $engine = $this->locked($engineId, $boatId);
            $boat = $this->register->boat($boatId);
            $there = $boat->at($position);
            $this->checkDay($engine, $on);
            $this->checkOrders($engine->boatId);
            $this->checkOrders($boatId);
            $this->checkPlace($boat, $position, $engine, $there, $swap);
            $this->move($engine, $boat, $position, $there, $on);
            $moved = new Moved($engineId, self::place($engine), new Place($boatId, $position));
            $other = null === $there ? [] : [new Moved($there->id, self::place($there), self::place($engine))];
            $this->moves->add($by, $moved, ...$other);
            $detail = ['boat' => $boatId, 'position' => $position->value, 'from' => $engine->boatId, 'with' => $there?->id];
            $this->audit->add($by, null === $there ? 'engine.hung' : 'engine.swapped', Subject::engine($engineId), $detail);
        });
    }

    /**
     * Takes the last move of this engine back, and of those that moved with it.
     *
     * @throws NotFound|Conflict if there is none, one of them was moved since, or an order is open on a boat of theirs
     */
    public function takeBack(int $engineId, string $why, string $by): void
    {
        $this->unit->run(function () use ($engineId, $why, $by): void {
            $move = $this->moves->last($engineId) ?? throw Conflict::nothingMoved();
            $boats = array_merge(...array_map(static fn (Moved $each): array => [$each->from?->boatId, $each->to?->boatId], $move->engines));
            $this->register->lock(...$boats);
            $this->reckon->lockWithNeighbours(...array_map(static fn (Moved $each): int => $each->engineId, $move->engines));
            $this->unit->letGo();
            foreach ($move->engines as $each) {
                $now = $this->register->engine($each->engineId);
                Place::same(self::place($now), $each->to) || throw Conflict::movedSince($now->model.' '.$now->serial);
            }
            array_map($this->checkOrders(...), $boats);
            $this->moves->undo($move, $why, $by);
            foreach ($move->engines as $each) {
                $this->audit->add($by, 'engine.move_taken_back', Subject::engine($each->engineId), ['move' => $move->id, 'why' => $why]);
                $this->reckon->ofEngine($each->engineId);
            }
        });
    }

    private static function place(Engine $engine): ?Place
    {
        return null === $engine->boatId || null === $engine->position ? null : new Place($engine->boatId, $engine->position);
    }

    /**
     * The boats that it hangs on and comes to, then all engines of both: nobody else moves, reads or checks them in.
     *
     * @throws NotFound|Conflict if it was hung elsewhere meanwhile
     */
    private function locked(int $engineId, ?int $boatId): Engine
    {
        $from = $this->register->engine($engineId)->boatId;
        $this->register->lock($from, $boatId);
        $engines = null === $boatId ? [] : array_map(static fn (Engine $each): int => $each->id, $this->register->boat($boatId)->engines);
        $this->reckon->lockWithNeighbours($engineId, ...$engines);
        $this->unit->letGo();
        $engine = $this->register->engine($engineId);

        return $from === $engine->boatId ? $engine : throw Conflict::changedMeanwhile('This engine');
    }

    /** @throws NotFound|InvalidDocument */
    private function move(Engine $engine, Boat $boat, Position $position, ?Engine $there, \DateTimeImmutable $on): void
    {
        if (null !== $engine->boatId) {
            $this->register->takeOff($engine->id, $on);
        }
        if (null !== $there) {
            $this->checkDay($there, $on);
            $this->register->takeOff($there->id, $on);
            if (null !== $engine->boatId && null !== $engine->position) {
                $this->register->hang($there->id, $engine->boatId, $engine->position, $on);
            }
            $this->reckon->ofEngine($there->id);
        }
        $this->register->hang($engine->id, $boat->id, $position, $on);
        $this->reckon->ofBoat($boat->id);
    }

    /** @throws InvalidDocument|NotFound */
    private function checkDay(Engine $engine, \DateTimeImmutable $on): void
    {
        $fittings = $this->register->fittings($engine->id);
        $last = [] === $fittings ? $engine->inService : $fittings[\count($fittings) - 1]->from;
        if ($on > ($this->today)()) {
            throw InvalidDocument::at('/on', 'This day is still to come. Enter it when it has been done.');
        }
        if ($on < $last) {
            throw InvalidDocument::at('/on', \sprintf('%s %s was hung where it is on %s: give that day or a later one.', $engine->model, $engine->serial, $last->format('j M Y')));
        }
    }

    /** @throws Conflict */
    private function checkOrders(?int $boatId): void
    {
        $open = null === $boatId ? [] : $this->orders->openOf($boatId);
        if ([] !== $open) {
            throw Conflict::openOrder($open[0]->number);
        }
    }

    /** @throws Conflict|InvalidDocument */
    private function checkPlace(Boat $boat, Position $position, Engine $engine, ?Engine $there, bool $swap): void
    {
        if (null !== $there && $there->id === $engine->id) {
            throw InvalidDocument::at('/position', 'It hangs there already.');
        }
        if (null !== $there && !$swap) {
            throw Conflict::placeTaken($boat->name, $position->label(), $there->model.' '.$there->serial);
        }
        $others = array_filter($boat->engines, static fn (Engine $each): bool => $each->id !== $engine->id && $each !== $there);
        if (\count($others) >= self::MOST) {
            throw InvalidDocument::at('/position', \sprintf('A transom holds %d engines at most.', self::MOST));
        }
        $single = array_filter($others, static fn (Engine $each): bool => Position::Single === $each->position);
        if ([] !== $others && (Position::Single === $position || [] !== $single)) {
            throw InvalidDocument::at('/position', 'A single engine hangs alone. Move the one that is there to port or starboard first.');
        }
    }
}
