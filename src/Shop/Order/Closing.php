<?php

declare(strict_types=1);

namespace FreshTack\Shop\Order;

/** Why an order is not carried out. */
final readonly class Closing
{
    public function __construct(public string $by, public \DateTimeImmutable $at, public string $why)
    {
    }
}
