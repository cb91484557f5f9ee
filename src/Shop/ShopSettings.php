<?php

declare(strict_types=1);

namespace FreshTack\Shop;

use FreshTack\Core\Fluid\SeasonTable;
use FreshTack\Core\Schedule\DuePolicy;

interface ShopSettings
{
    public function name(): string;

    public function zone(): \DateTimeZone;

    public function currency(): string;

    public function seasons(): SeasonTable;

    public function duePolicy(): DuePolicy;

    /** @return array<mixed> the policy part of an order request */
    public function orderPolicy(): array;

    /** The password of the demo accounts; null in a shop that is no demo. */
    public function demoPassword(): ?string;

    /** @return list<string> the shop's torque wrenches */
    public function wrenches(): array;
}
