<?php

declare(strict_types=1);

namespace FreshTack\Web\Security;

use FreshTack\Shop\Account\Account;
use Symfony\Component\Security\Core\User\EquatableInterface;
use Symfony\Component\Security\Core\User\PasswordAuthenticatedUserInterface;
use Symfony\Component\Security\Core\User\UserInterface;

/** Somebody who is signed in, as the security layer wants to see them. */
final readonly class SignedIn implements UserInterface, PasswordAuthenticatedUserInterface, EquatableInterface
{
    /** @param bool $byPin by four digits, at a tablet where somebody had signed in */
    public function __construct(public Account $account, public bool $byPin = false)
    {
    }

    public function getRoles(): array
    {
        return ['ROLE_'.strtoupper($this->account->role->value), ...($this->account->leads() ? ['ROLE_LEAD'] : [])];
    }

    public function getUserIdentifier(): string
    {
        return '' === $this->account->username ? throw new \LogicException('An account without a name.') : $this->account->username;
    }

    public function getPassword(): string
    {
        return $this->account->passwordHash;
    }

    #[\Deprecated]
    public function eraseCredentials(): void
    {
    }

    public function isEqualTo(UserInterface $user): bool
    {
        return $user instanceof self
            && $user->getPassword() === $this->getPassword()
            && $user->getRoles() === $this->getRoles()
            && $user->account->signOuts === $this->account->signOuts;
    }
}
