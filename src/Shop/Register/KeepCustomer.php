<?php

declare(strict_types=1);

namespace FreshTack\Shop\Register;

use FreshTack\Shop\Audit\AuditLog;
use FreshTack\Shop\Audit\Subject;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\TakenBack\Removals;
use FreshTack\Shop\TakenBack\RemovedKind;
use FreshTack\Shop\Unit;

final readonly class KeepCustomer
{
    public function __construct(private Register $register, private Removals $removals, private AuditLog $audit, private Unit $unit)
    {
    }

    /** @throws NotFound|Conflict */
    public function add(Customer $customer, string $by): Customer
    {
        return $this->unit->run(function () use ($customer, $by): Customer {
            $added = $this->register->addCustomer($customer);
            $this->audit->add($by, 'customer.added', Subject::customer($added->id), ['name' => $added->name]);

            return $added;
        });
    }

    /** @throws NotFound|Conflict */
    public function change(Customer $customer, string $by): Customer
    {
        return $this->unit->run(function () use ($customer, $by): Customer {
            $this->audit->add($by, 'customer.changed', Subject::customer($customer->id), ['name' => $customer->name]);

            return $this->register->changeCustomer($customer);
        });
    }

    /**
     * Joins a customer who was entered twice with the other entry: all boats are that one's from then on.
     *
     * @throws NotFound|Conflict
     */
    public function join(int $id, int $into, string $by): void
    {
        $this->unit->run(function () use ($id, $into, $by): void {
            $id !== $into || throw Conflict::joinedWithItself();
            [$double, $kept] = [$this->register->customer($id), $this->register->customer($into)];
            $boats = $this->register->boatsOf($id);
            $ids = array_map(static fn (Boat $boat): int => $boat->id, $boats);
            $this->register->lock(...$ids);
            $this->removals->keepJoined($id, $into, $ids, $double->name, $by);
            foreach ($boats as $boat) {
                $this->register->changeBoat($boat->ownedBy($kept));
            }
            $this->audit->add($by, 'customer.joined', Subject::customer($id), ['into' => $into, 'name' => $double->name, 'boats' => $ids]);
            $this->register->removeCustomer($id);
        });
    }

    /** @throws NotFound|Conflict if boats are theirs */
    public function remove(int $id, string $by): void
    {
        $this->unit->run(function () use ($id, $by): void {
            $customer = $this->register->customer($id);
            $boats = \count($this->register->boatsOf($id));
            if ($boats > 0) {
                throw Conflict::hasHistory($customer->name, 1 === $boats ? 'a boat is theirs' : $boats.' boats are theirs', 'Give them to another owner first.');
            }
            $this->audit->add($by, 'customer.removed', Subject::customer($id), ['name' => $customer->name]);
            $this->removals->keep(RemovedKind::Customer, $id, $customer->name, $by);
            $this->register->removeCustomer($id);
        });
    }
}
