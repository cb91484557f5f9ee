<?php

declare(strict_types=1);

namespace FreshTack\Shop\Register;

use FreshTack\Shop\Audit\AuditLog;
use FreshTack\Shop\Audit\Subject;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Unit;

final readonly class KeepCustomer
{
    public function __construct(private Register $register, private AuditLog $audit, private Unit $unit)
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
            $this->register->removeCustomer($id);
        });
    }
}
