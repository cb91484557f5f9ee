<?php

declare(strict_types=1);

namespace FreshTack\Web\Security;

use FreshTack\Shop\Account\Accounts;
use FreshTack\Shop\Account\Username;
use Symfony\Component\Security\Core\Exception\UserNotFoundException;
use Symfony\Component\Security\Core\User\UserInterface;
use Symfony\Component\Security\Core\User\UserProviderInterface;

/** @implements UserProviderInterface<SignedIn> */
final readonly class AccountProvider implements UserProviderInterface
{
    public function __construct(private Accounts $accounts)
    {
    }

    public function loadUserByIdentifier(string $identifier): SignedIn
    {
        return new SignedIn($this->accounts->find(Username::typed($identifier)) ?? throw new UserNotFoundException());
    }

    public function refreshUser(UserInterface $user): SignedIn
    {
        $now = $this->loadUserByIdentifier($user->getUserIdentifier());
        if ($now->account->locked) {
            throw new UserNotFoundException();
        }

        return $user instanceof SignedIn && $user->byPin ? new SignedIn($now->account->byPin(), true) : $now;
    }

    public function supportsClass(string $class): bool
    {
        return SignedIn::class === $class;
    }
}
