<?php

declare(strict_types=1);

namespace FreshTack\Web\Security;

use FreshTack\Web\Http\Problem;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\RequestEvent;

/**
 * A page says for which account it speaks. A browser has one session for all its pages: when somebody else signs in at
 * one of them, what another page still has to send belongs to the person before, and is not taken in the new name.
 */
#[AsEventListener(priority: 4)]
final readonly class SameHands
{
    public const HEADER = 'X-Fresh-Tack-Account';

    public function __construct(private Security $security)
    {
    }

    public function __invoke(RequestEvent $event): void
    {
        $request = $event->getRequest();
        $speaksFor = $request->headers->get(self::HEADER);
        if (!$event->isMainRequest() || $request->isMethodSafe() || null === $speaksFor) {
            return;
        }
        $user = $this->security->getUser();
        if ($user instanceof SignedIn && $user->getUserIdentifier() !== $speaksFor) {
            $detail = \sprintf(
                '%s has signed in in this browser meanwhile. Nothing was taken in that name; '
                .'what you typed is still here. Sign in again to send it.',
                $user->account->name,
            );
            $event->setResponse(Problem::of(Response::HTTP_UNAUTHORIZED, 'login.other', $detail));
        }
    }
}
