<?php

declare(strict_types=1);

namespace FreshTack\Shop\Account;

use FreshTack\Shop\Audit\AuditLog;
use FreshTack\Shop\Audit\Subject;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Unit;

/**
 * Makes accounts, gives a new password to whoever has lost theirs, and locks out who has left. The trail says who did it,
 * and never to what.
 */
final readonly class KeepAccounts
{
    public function __construct(private Accounts $accounts, private AuditLog $audit, private Unit $unit)
    {
    }

    /**
     * @param \Closure(string): string $hash makes the hash of a password
     *
     * @throws Conflict if somebody has the user name
     */
    public function add(NewAccount $new, Password $password, \Closure $hash, string $by): Account
    {
        return $this->made($new, $hash($password->text), $by);
    }

    /**
     * An account without a password: nobody can sign in as it until its owner has set one.
     *
     * @throws Conflict if somebody has the user name
     */
    public function invite(NewAccount $new, string $by): Account
    {
        return $this->made($new, '', $by);
    }

    /** @throws Conflict */
    private function made(NewAccount $new, string $hash, string $by): Account
    {
        $account = new Account($new->username->text, $new->name, $new->role, $hash, $new->lead, email: $new->email);
        $this->unit->run(function () use ($account, $new, $by): void {
            null === $this->accounts->find($new->username) || throw Conflict::nameTaken($account->username);
            $this->accounts->add($account);
            $this->audit->add($by, 'account.added', Subject::account($account->username), ['role' => $account->role->value]);
        });

        return $account;
    }

    /**
     * How they are called, what they may do, whether they lead. Who was signed in with other rights is signed out.
     *
     * @param NewAccount $was as it stood when it was opened
     *
     * @throws NotFound
     * @throws Conflict if somebody else has changed it, or nobody could manage the shop any more
     */
    public function change(NewAccount $as, NewAccount $was, string $by): void
    {
        $this->unit->run(function () use ($as, $was, $by): void {
            $account = $this->accounts->find($as->username) ?? throw NotFound::named('account', $as->username->text);
            $was->isOf($account) || throw Conflict::changedMeanwhile($account->name);
            Role::Manager === $as->role || $this->keepsAManager($account);
            $this->accounts->change($as);
            $this->audit->add($by, 'account.changed', Subject::account($account->username), [
                'name' => $as->name,
                'role' => $as->role->value,
                'lead' => $as->lead,
            ]);
        });
    }

    /**
     * On every device, by password or PIN.
     *
     * @throws NotFound
     * @throws Conflict if somebody else changes it again and again
     */
    public function signOut(Username $username, string $by): void
    {
        $this->unit->run(function () use ($username, $by): void {
            $account = $this->accounts->find($username) ?? throw NotFound::named('account', $username->text);
            $this->accounts->signOut($account);
            $this->audit->add($by, 'account.signed_out', Subject::account($account->username));
        });
    }

    /**
     * Whoever is signed in as this account is signed out.
     *
     * @param \Closure(string): string $hash makes the hash of a password
     *
     * @throws NotFound
     * @throws Conflict if somebody else changes it again and again
     */
    public function renewPassword(Username $username, Password $password, \Closure $hash, string $by): void
    {
        $this->unit->run(function () use ($username, $password, $hash, $by): void {
            $account = $this->accounts->find($username) ?? throw NotFound::named('account', $username->text);
            $this->accounts->setPassword($account, $hash($password->text));
            $this->audit->add($by, 'account.password', Subject::account($account->username));
        });
    }

    /**
     * Locked out, they are signed out everywhere and come in neither by password nor by PIN; what they did stays.
     *
     * @throws NotFound
     * @throws Conflict if nobody could manage the shop any more
     */
    public function lock(Username $username, bool $locked, string $by): void
    {
        $this->unit->run(function () use ($username, $locked, $by): void {
            $account = $this->accounts->find($username) ?? throw NotFound::named('account', $username->text);
            !$locked || $this->keepsAManager($account);
            $this->accounts->setLocked($account, $locked);
            $this->audit->add($by, $locked ? 'account.locked' : 'account.unlocked', Subject::account($account->username));
        });
    }

    /**
     * @throws NotFound
     * @throws Conflict if somebody else changes it again and again
     */
    public function lead(Username $username, bool $leads, string $by): Account
    {
        return $this->unit->run(function () use ($username, $leads, $by): Account {
            $account = $this->accounts->find($username) ?? throw NotFound::named('account', $username->text);
            $this->accounts->setLead($account, $leads);
            $this->audit->add($by, $leads ? 'account.leads' : 'account.leads_no_more', Subject::account($account->username));

            return $account;
        });
    }

    /** @throws Conflict if the shop would have no manager without this one */
    private function keepsAManager(Account $account): true
    {
        $isManager = static fn (Account $each): bool => Role::Manager === $each->role && !$each->locked;
        $others = array_filter(
            $this->accounts->all(),
            static fn (Account $each): bool => $isManager($each) && $each->username !== $account->username,
        );

        return !$isManager($account) || [] !== $others ? true : throw Conflict::lastManager($account->name);
    }
}
