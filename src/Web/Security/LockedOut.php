<?php

declare(strict_types=1);

namespace FreshTack\Web\Security;

use Symfony\Component\Security\Core\Exception\CustomUserMessageAccountStatusException;

/** The password was right, and its account is locked out. */
final class LockedOut extends CustomUserMessageAccountStatusException
{
}
