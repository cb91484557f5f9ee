<?php

declare(strict_types=1);

namespace FreshTack\Shop\Account;

final readonly class Account
{
    /**
     * @param bool        $lead    leads at the bench; a manager does in any case
     * @param string|null $pinHash of the four digits by which they take a shared tablet; null: they have none
     * @param bool        $locked  locked out: nobody signs in as it, and what it did stays
     * @param string|null $email   where a link for a new password goes
     * @param int         $signOuts how often they were signed out everywhere
     */
    public function __construct(
        public string $username,
        public string $name,
        public Role $role,
        public string $passwordHash,
        public bool $lead = false,
        public ?string $pinHash = null,
        public bool $locked = false,
        public ?string $email = null,
        public int $signOuts = 0,
    ) {
    }

    /** What they may do who came by four digits: work at the bench; nothing that a lead or a manager decides. */
    public function byPin(): self
    {
        $role = Role::Manager === $this->role ? Role::Technician : $this->role;

        return new self(
            $this->username,
            $this->name,
            $role,
            $this->passwordHash,
            false,
            $this->pinHash,
            $this->locked,
            $this->email,
            $this->signOuts,
        );
    }

    /** Whether they lift stops, and let an engine go that is not fit to run. */
    public function leads(): bool
    {
        return $this->lead || Role::Manager === $this->role;
    }
}
