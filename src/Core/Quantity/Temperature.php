<?php

declare(strict_types=1);

namespace FreshTack\Core\Quantity;

/** Air temperature in whole degrees Celsius: a forecast knows no better. */
final readonly class Temperature
{
    private function __construct(public int $celsius)
    {
    }

    /** @throws InvalidQuantity outside −60 to 60 °C */
    public static function ofCelsius(int $celsius): self
    {
        return $celsius >= -60 && $celsius <= 60 ? new self($celsius) : throw InvalidQuantity::offScale('An air temperature', $celsius.' °C', '−60 to 60 °C');
    }

    public function text(): string
    {
        return str_replace('-', '−', (string) $this->celsius).' °C';
    }
}
