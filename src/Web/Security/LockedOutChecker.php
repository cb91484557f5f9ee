<?php

declare(strict_types=1);

namespace FreshTack\Web\Security;

use Symfony\Component\Security\Core\Authentication\Token\TokenInterface;
use Symfony\Component\Security\Core\User\UserCheckerInterface;
use Symfony\Component\Security\Core\User\UserInterface;

/** Asked once the password is known to be right: who guesses does not hear whose account is locked out. */
final readonly class LockedOutChecker implements UserCheckerInterface
{
    public function checkPreAuth(UserInterface $user): void
    {
    }

    public function checkPostAuth(UserInterface $user, ?TokenInterface $token = null): void
    {
        if ($user instanceof SignedIn && $user->account->locked) {
            throw new LockedOut();
        }
    }
}
