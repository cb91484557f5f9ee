<?php

declare(strict_types=1);

namespace FreshTack\Shop\Parts;

interface Confirmations
{
    /** Keeps it; what was confirmed before is left as it was. */
    public function add(int $order, Confirmation $confirmation): void;

    /** @return list<Confirmation> in the order in which they came */
    public function of(int $order): array;
}
