<?php

declare(strict_types=1);

namespace FreshTack\Web\Controller;

use FreshTack\Shop\Account\Accounts;
use FreshTack\Web\Http\Problem;
use FreshTack\Web\Security\SignedIn;
use FreshTack\Web\View\AccountView;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** Who is signed in. Signing in itself is done by the security layer, which answers before this is reached. */
#[AsController]
final readonly class SessionController
{
    public function __construct(private Security $security, private Accounts $accounts)
    {
    }

    #[Route('/api/sign-in', name: 'sign_in', methods: ['POST'])]
    public function open(): JsonResponse
    {
        return Problem::of(Response::HTTP_BAD_REQUEST, 'login.unreadable', 'Send user name and password as JSON.');
    }

    #[Route('/api/session', name: 'session', methods: ['GET'])]
    public function show(#[CurrentUser] ?SignedIn $user): JsonResponse
    {
        return new JsonResponse([
            'account' => null === $user ? null : AccountView::of($user->account),
            'people' => null === $user ? [] : array_map(AccountView::of(...), $this->accounts->all()),
        ]);
    }

    #[Route('/api/session', name: 'session_close', methods: ['DELETE'])]
    public function close(#[CurrentUser] ?SignedIn $user): Response
    {
        if (null !== $user) {
            $this->security->logout(false);
        }

        return new Response(status: Response::HTTP_NO_CONTENT);
    }
}
