<?php

declare(strict_types=1);

namespace FreshTack\Shop\Register;

final readonly class Customer
{
    /**
     * @param string|null $phone as it is dialled
     */
    public function __construct(public int $id, public string $name, public ?string $email, public ?string $phone, public int $version = 1)
    {
    }
}
