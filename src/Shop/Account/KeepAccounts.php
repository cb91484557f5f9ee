<?php

declare(strict_types=1);

namespace FreshTack\Shop\Account;

use FreshTack\Core\Reading\InvalidDocument;
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
     * @throws InvalidDocument if the name can't be one
     * @throws Conflict        if somebody has it
     */
    public function add(Username $username, string $name, Role $role, Password $password, \Closure $hash, string $by): void
    {
        1 === preg_match('/^[\p{L}\p{N}][\p{L}\p{N}._-]{1,59}$/u', $username->text)
            || throw InvalidDocument::at('/username', 'A user name has 2 to 60 letters, digits, points, hyphens or underscores, and no blanks.');
        '' !== trim($name) || throw InvalidDocument::at('/name', 'Give the name that stands under records.');
        $this->unit->run(function () use ($username, $name, $role, $password, $hash, $by): void {
            null === $this->accounts->find($username) || throw Conflict::nameTaken($username->text);
            $this->accounts->add(new Account($username->text, trim($name), $role, $hash($password->text)));
            $this->audit->add($by, 'account.added', Subject::account($username->text), ['role' => $role->value]);
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
            $isManager = static fn (Account $each): bool => Role::Manager === $each->role && !$each->locked;
            $others = array_filter(
                $this->accounts->all(),
                static fn (Account $each): bool => $isManager($each) && $each->username !== $account->username,
            );
            !$locked || !$isManager($account) || [] !== $others || throw Conflict::lastManager($account->name);
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
}
