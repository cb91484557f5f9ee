<?php

declare(strict_types=1);

namespace FreshTack\Shop\Account;

/** How people call each other, in sentences and in records. */
final readonly class People
{
    public function __construct(private Accounts $accounts)
    {
    }

    /** The user name itself where nobody has it any more. */
    public function nameOf(string $username): string
    {
        return $this->accounts->find(Username::typed($username))->name ?? $username;
    }
}
