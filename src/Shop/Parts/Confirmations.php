<?php

declare(strict_types=1);

namespace FreshTack\Shop\Parts;

use FreshTack\Shop\NotFound;

interface Confirmations
{
    /** Keeps it; what was confirmed before is left as it was. */
    public function add(int $order, Confirmation $confirmation): void;

    /** @throws NotFound if it is not held for this engine */
    public function remove(int $order, string $number, string $engine): void;

    /** @return list<Confirmation> in the order in which they came */
    public function of(int $order): array;
}
