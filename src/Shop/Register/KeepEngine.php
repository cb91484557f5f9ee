<?php

declare(strict_types=1);

namespace FreshTack\Shop\Register;

use FreshTack\Core\Reading\Flaws;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Core\Usage\HourReading;
use FreshTack\Shop\Audit\AuditLog;
use FreshTack\Shop\Audit\Subject;
use FreshTack\Shop\Book\WrittenPlate;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\Due\ReckonDues;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\TakenBack\Removals;
use FreshTack\Shop\TakenBack\RemovedKind;
use FreshTack\Shop\Today;
use FreshTack\Shop\Unit;

final readonly class KeepEngine
{
    public function __construct(
        private Register $register,
        private EngineLogs $logs,
        private ReckonDues $reckon,
        private Removals $removals,
        private AuditLog $audit,
        private Unit $unit,
        private Today $today,
        private WrittenPlate $written,
    ) {
    }

    /** @throws NotFound|Conflict|InvalidDocument */
    public function add(Engine $engine, string $by): Engine
    {
        $engine = $engine->identifiedAs(($this->written)($engine->plate()), $engine->hasMeter);

        return $this->unit->run(function () use ($engine, $by): Engine {
            $this->check($engine, null);
            $added = $this->register->addEngine($engine);
            $this->audit->add($by, 'engine.added', Subject::engine($added->id), ['model' => $added->model, 'serial' => $added->serial]);

            return $added;
        });
    }

    /** @throws NotFound|Conflict|InvalidDocument */
    public function change(Engine $engine, string $by): Engine
    {
        $engine = $engine->identifiedAs(($this->written)($engine->plate()), $engine->hasMeter);

        return $this->unit->run(function () use ($engine, $by): Engine {
            $this->reckon->lock($engine->id);
            $this->check($engine, $this->logs->of($engine->id));
            $before = $this->register->engine($engine->id);
            $changed = $this->register->changeEngine($engine);
            $this->audit->add($by, 'engine.changed', Subject::engine($engine->id), $changed->differences($before));
            $this->reckon->ofEngine($engine->id);

            return $changed;
        });
    }

    /** @throws NotFound|Conflict if it hangs on a boat, or anything is written down of it */
    public function remove(int $id, string $by): void
    {
        $this->unit->run(function () use ($id, $by): void {
            $this->reckon->lock($id);
            $engine = $this->register->engine($id);
            if (null !== $engine->boatId) {
                throw Conflict::hasHistory($engine->model.' '.$engine->serial, 'it hangs on '.$this->register->boat($engine->boatId)->name, 'Take it off first.');
            }
            if (!$this->logs->of($id)->isEmpty() || [] !== $this->logs->reports($id) || $this->register->isInOrders($id)) {
                throw Conflict::hasHistory($engine->model.' '.$engine->serial, 'readings, services or orders are written down of it', 'In store it is out of the way, and its record stays.');
            }
            $this->audit->add($by, 'engine.removed', Subject::engine($id), ['model' => $engine->model, 'serial' => $engine->serial]);
            $this->reckon->forget($id);
            $this->removals->keep(RemovedKind::Engine, $id, $engine->model.' '.$engine->serial, $by);
            $this->register->removeEngine($id);
        });
    }

    /** @throws InvalidDocument if its days can't be right */
    private function check(Engine $engine, ?EngineHistory $history): void
    {
        $flaws = new Flaws();
        if ($engine->inService > ($this->today)()) {
            $flaws->add('/inService', 'This day is still to come. Until it runs, nothing of it is due.');
        }
        if (null !== $engine->warrantyUntil && $engine->warrantyUntil < $engine->inService) {
            $flaws->add('/warrantyUntil', 'The warranty can\'t end before the engine went into service.');
        }
        $first = null === $history ? null : self::first($history);
        if (null !== $first && $engine->inService > $first) {
            $flaws->add('/inService', \sprintf('Something is written down of it on %s already: it was in service by then.', $first->format('j M Y')));
        }
        $flaws->throwIfAny();
    }

    private static function first(EngineHistory $history): ?\DateTimeImmutable
    {
        $days = [...array_map(static fn (HourReading $reading): \DateTimeImmutable => $reading->on, $history->hours->readings), ...array_map(static fn (TaskDone $done): \DateTimeImmutable => $done->on, $history->done)];

        return [] === $days ? null : min($days);
    }
}
