<?php

declare(strict_types=1);

namespace FreshTack\Shop\Account;

final readonly class Account
{
    public function __construct(public string $username, public string $name, public Role $role, public string $passwordHash)
    {
    }
}
