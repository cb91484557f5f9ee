<?php

declare(strict_types=1);

namespace FreshTack\Web\Security;

use Symfony\Component\Security\Core\Exception\AuthenticationException;

final class SlowDown extends AuthenticationException
{
    public function __construct(public readonly int $seconds)
    {
        parent::__construct('Too many failed tries.');
    }
}
