<?php

declare(strict_types=1);

namespace FreshTack\Core\Labour;

use FreshTack\Core\Quantity\Minutes;

/** Hands-on minutes that are sold beside the usual ones, for corrosion or seized hardware, and why. */
final readonly class Allowance
{
    private function __construct(public Minutes $minutes, public string $reason)
    {
    }

    public static function none(): self
    {
        return new self(Minutes::none(), '');
    }

    /** @throws InvalidAllowance if there are minutes and no reason */
    public static function of(Minutes $minutes, string $reason): self
    {
        return $minutes->count > 0 && '' === trim($reason) ? throw InvalidAllowance::withoutReason($minutes->count) : new self($minutes, trim($reason));
    }
}
