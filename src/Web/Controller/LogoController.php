<?php

declare(strict_types=1);

namespace FreshTack\Web\Controller;

use FreshTack\Core\ExpectedError;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\Settings\KeepLogo;
use FreshTack\Shop\Settings\LogoStore;
use FreshTack\Web\Http\Upload;
use FreshTack\Web\Security\SignedIn;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

#[AsController]
#[IsGranted('ROLE_STAFF')]
final readonly class LogoController
{
    public function __construct(private LogoStore $store, private KeepLogo $keep)
    {
    }

    /** @throws NotFound */
    #[Route('/api/logo', name: 'logo', methods: ['GET'])]
    public function show(): Response
    {
        return new Response($this->store->logo() ?? throw NotFound::named('logo', 'of the shop'), Response::HTTP_OK, [
            'Content-Type' => 'image/png',
            'Cache-Control' => 'private, no-cache',
        ]);
    }

    /** @throws ExpectedError */
    #[Route('/api/logo', name: 'keep_logo', methods: ['POST'])]
    #[IsGranted('ROLE_MANAGER')]
    public function keep(Request $request, #[CurrentUser] SignedIn $user): Response
    {
        ($this->keep)(Upload::bytes($request), $user->account->username);

        return new Response(status: Response::HTTP_NO_CONTENT);
    }

    /** @throws ExpectedError */
    #[Route('/api/logo', name: 'remove_logo', methods: ['DELETE'])]
    #[IsGranted('ROLE_MANAGER')]
    public function remove(#[CurrentUser] SignedIn $user): Response
    {
        ($this->keep)(null, $user->account->username);

        return new Response(status: Response::HTTP_NO_CONTENT);
    }
}
