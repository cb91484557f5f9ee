<?php

declare(strict_types=1);

namespace FreshTack\Core\Labour;

use FreshTack\Core\Quantity\Minutes;

/** Hands-on and unattended minutes of an order, every opening counted once; sold in tenths of an hour, rounded up once. */
final readonly class LabourSum
{
    private function __construct(public Minutes $handsOn, public Minutes $unattended, public Allowance $allowance)
    {
    }

    /** @param list<array{Minutes, Minutes}> $operations hands-on and unattended */
    public static function of(array $operations, ?Allowance $allowance = null): self
    {
        return new self(
            array_reduce($operations, static fn (Minutes $sum, array $operation): Minutes => $sum->plus($operation[0]), Minutes::none()),
            array_reduce($operations, static fn (Minutes $sum, array $operation): Minutes => $sum->plus($operation[1]), Minutes::none()),
            $allowance ?? Allowance::none(),
        );
    }

    /** Sold tenths of an hour, allowance included: 6 min each, any rest counted as one more. */
    public function soldTenths(): int
    {
        return intdiv($this->handsOn->plus($this->allowance->minutes)->count + 5, 6);
    }
}
