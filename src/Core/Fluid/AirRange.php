<?php

declare(strict_types=1);

namespace FreshTack\Core\Fluid;

use FreshTack\Core\Quantity\InvalidQuantity;
use FreshTack\Core\Quantity\Temperature;

/** The coldest and the warmest air that an engine will run in until its next service. */
final readonly class AirRange
{
    private function __construct(public Temperature $coldest, public Temperature $warmest)
    {
    }

    /** @throws InvalidQuantity if the coldest is warmer than the warmest */
    public static function of(Temperature $coldest, Temperature $warmest): self
    {
        return $coldest->celsius <= $warmest->celsius
            ? new self($coldest, $warmest)
            : throw InvalidQuantity::offScale('The coldest air', $coldest->text(), 'the range up to the warmest, '.$warmest->text());
    }

    public function text(): string
    {
        return $this->coldest->text().' to '.$this->warmest->text();
    }
}
