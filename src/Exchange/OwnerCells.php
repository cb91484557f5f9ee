<?php

declare(strict_types=1);

namespace FreshTack\Exchange;

final readonly class OwnerCells
{
    public function __construct(public string $name, public ?string $email, public ?string $phone)
    {
    }
}
