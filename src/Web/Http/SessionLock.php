<?php

declare(strict_types=1);

namespace FreshTack\Web\Http;

use Symfony\Component\HttpFoundation\Request;

/** The lock by which requests of one session wait for each other. */
final readonly class SessionLock
{
    /** Lets the next request in while this one computes; it must not write to its session any more. */
    public static function release(Request $request): void
    {
        if ($request->hasSession()) {
            $request->getSession()->save();
        }
    }
}
