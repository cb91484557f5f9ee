<?php

declare(strict_types=1);

namespace FreshTack\Web\View;

use FreshTack\Shop\Account\Account;

final readonly class AccountView
{
    /** @return array{username: string, name: string, role: string, lead: bool, pin: bool} */
    public static function of(Account $account): array
    {
        return [
            'username' => $account->username,
            'name' => $account->name,
            'role' => $account->role->value,
            'lead' => $account->leads(),
            'pin' => null !== $account->pinHash && !$account->locked,
        ];
    }

    /**
     * As the manager keeps it.
     *
     * @return array<string, mixed>
     */
    public static function kept(Account $account): array
    {
        return [
            ...self::of($account),
            // a manager leads in any case; this is whether they were given it
            'lead' => $account->lead,
            'email' => $account->email,
            'locked' => $account->locked,
            'hasPassword' => '' !== $account->passwordHash,
        ];
    }
}
