<?php

declare(strict_types=1);

namespace FreshTack\Web\Security;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\ResponseEvent;

/**
 * A request whose session has ended meanwhile says nothing of the session that its browser has by now: whoever has just
 * signed in must not be signed out by an answer that comes late. The framework begins an empty session for everybody who
 * is told to sign in, and would send its cookie; here it does not go out.
 */
#[AsEventListener(priority: -1100)]
final readonly class LateAnswers
{
    public function __invoke(ResponseEvent $event): void
    {
        $request = $event->getRequest();
        $answer = $event->getResponse();
        if (!$event->isMainRequest() || !$request->hasSession() || Response::HTTP_UNAUTHORIZED !== $answer->getStatusCode()) {
            return;
        }
        foreach ($answer->headers->getCookies() as $cookie) {
            if ($cookie->getName() === $request->getSession()->getName()) {
                $answer->headers->removeCookie($cookie->getName(), $cookie->getPath(), $cookie->getDomain());
            }
        }
    }
}
