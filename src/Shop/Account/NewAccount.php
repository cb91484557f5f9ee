<?php

declare(strict_types=1);

namespace FreshTack\Shop\Account;

use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Reading\Width;

/** Somebody who is to have an account, or has one and is to be called otherwise. */
final readonly class NewAccount
{
    private function __construct(
        public Username $username,
        public string $name,
        public Role $role,
        public bool $lead,
        public ?string $email,
    ) {
    }

    /**
     * Flaws are noted at their fields; the caller throws for them.
     *
     * @param Role|null     $role     not asked for where it is known
     * @param Username|null $username not asked for where it is known
     */
    public static function at(Cursor $at, ?Role $role = null, ?Username $username = null): self
    {
        $email = $at->at('email')->optionalString(Width::EMAIL);
        if (null !== $email && false === filter_var($email, \FILTER_VALIDATE_EMAIL)) {
            $at->at('email')->flaw('This is not an e-mail address. Correct it, or leave it out.');
        }

        return new self(
            $username ?? self::username($at->at('username')),
            trim($at->at('name')->string(Width::PERSON)),
            $role ?? $at->at('role')->enum(Role::class),
            !$at->at('lead')->isNull() && $at->at('lead')->bool(),
            $email,
        );
    }

    /** Whether the account is called so, and may do that. */
    public function isOf(Account $account): bool
    {
        return [$account->name, $account->role, $account->lead, $account->email] === [$this->name, $this->role, $this->lead, $this->email];
    }

    private static function username(Cursor $at): Username
    {
        $username = Username::typed($at->string());
        if ('' !== $username->text && 1 !== preg_match('/^[\p{L}\p{N}][\p{L}\p{N}._-]{1,59}$/u', $username->text)) {
            $at->flaw('A user name has 2 to 60 letters, digits, points, hyphens or underscores, and no blanks.');
        }

        return $username;
    }
}
