<?php

declare(strict_types=1);

namespace FreshTack\Shop\Register;

use FreshTack\Shop\Audit\AuditLog;
use FreshTack\Shop\Audit\Subject;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\Due\ReckonDues;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Order\Orders;
use FreshTack\Shop\TakenBack\Removals;
use FreshTack\Shop\TakenBack\RemovedKind;
use FreshTack\Shop\Unit;

final readonly class KeepBoat
{
    public function __construct(
        private Register $register,
        private Orders $orders,
        private ReckonDues $reckon,
        private Removals $removals,
        private AuditLog $audit,
        private Unit $unit,
    ) {
    }

    /** @throws NotFound|Conflict */
    public function add(Boat $boat, string $by): Boat
    {
        return $this->unit->run(function () use ($boat, $by): Boat {
            $added = $this->register->addBoat($boat);
            $this->audit->add($by, 'boat.added', Subject::boat($added->id), ['name' => $added->name]);

            return $added;
        });
    }

    /**
     * How it is used decides the forecast, so its engines are judged again.
     *
     * @throws NotFound|Conflict
     */
    public function change(Boat $boat, string $by): Boat
    {
        return $this->unit->run(function () use ($boat, $by): Boat {
            $this->audit->add($by, 'boat.changed', Subject::boat($boat->id), ['name' => $boat->name]);
            $changed = $this->register->changeBoat($boat);
            $this->reckon->ofBoat($boat->id);

            return $changed;
        });
    }

    /** @throws NotFound|Conflict if there are engines on it, or it has ever been worked on */
    public function remove(int $id, string $by): void
    {
        $this->unit->run(function () use ($id, $by): void {
            $this->register->lock($id);
            $boat = $this->register->boat($id);
            if ([] !== $boat->engines) {
                throw Conflict::hasHistory($boat->name, 'engines hang on it', 'Take them off first.');
            }
            if ([] !== $this->orders->ofBoat($id) || $this->register->hasCarried($id)) {
                throw Conflict::hasHistory($boat->name, 'orders or engines belong to its past', 'Their records would lose their boat.');
            }
            $this->audit->add($by, 'boat.removed', Subject::boat($id), ['name' => $boat->name]);
            $this->removals->keep(RemovedKind::Boat, $id, $boat->name, $by);
            $this->register->removeBoat($id);
        });
    }
}
