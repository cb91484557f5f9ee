<?php

declare(strict_types=1);

namespace FreshTack\Shop\Bench;

use FreshTack\Core\Bench\Claim;

interface KeptClaims
{
    /** @return list<Claim> in the order in which they were made */
    public function of(int $order): array;

    /** Whoever had it has it no longer. */
    public function take(int $order, Claim $claim): void;

    /** Nothing happens where nobody has it. */
    public function drop(int $order, string $of): void;
}
