<?php

declare(strict_types=1);

namespace FreshTack\Shop\Account;

final readonly class Account
{
    /** @param bool $lead leads at the bench; a manager does in any case */
    public function __construct(
        public string $username,
        public string $name,
        public Role $role,
        public string $passwordHash,
        public bool $lead = false,
    ) {
    }

    /** Whether they lift stops, and let an engine go that is not fit to run. */
    public function leads(): bool
    {
        return $this->lead || Role::Manager === $this->role;
    }
}
