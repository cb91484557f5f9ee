<?php

declare(strict_types=1);

namespace FreshTack\Shop\Account;

interface Accounts
{
    public function find(Username $username): ?Account;

    /** @return list<Account> */
    public function all(): array;

    public function add(Account $account): void;

    /** Whoever is signed in with the old one is signed out. */
    public function setPassword(Account $account, string $hash): void;

    /** @param string|null $hash null: no PIN any more */
    public function setPin(Account $account, ?string $hash): void;

    /** Locks an account out, or lets it in again. */
    public function setLocked(Account $account, bool $locked): void;

    /** As they are called from now on, and what they may do; the user name stays. */
    public function change(NewAccount $as): void;

    /** Whoever is signed in as it, by password or PIN, is signed out. */
    public function signOut(Account $account): void;

    /** Gives or takes the right to lead at the bench. */
    public function setLead(Account $account, bool $lead): void;
}
