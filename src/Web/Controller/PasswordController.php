<?php

declare(strict_types=1);

namespace FreshTack\Web\Controller;

use FreshTack\Core\ExpectedError;
use FreshTack\Core\Reading\Cursor;
use FreshTack\Shop\Account\GivePasswordLink;
use FreshTack\Shop\Account\Username;
use FreshTack\Shop\Reminder\MailPasswordLink;
use FreshTack\Web\Http\Body;
use FreshTack\Web\Security\SignedIn;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\PasswordHasher\Hasher\PasswordHasherFactoryInterface;
use Symfony\Component\Routing\Attribute\Route;

/** Setting a password by a link; asked for by somebody who can't sign in. */
#[AsController]
final readonly class PasswordController
{
    public function __construct(
        private GivePasswordLink $link,
        private MailPasswordLink $mail,
        private PasswordHasherFactoryInterface $hashers,
    ) {
    }

    /** @throws ExpectedError */
    #[Route('/api/password-link', name: 'password_link', methods: ['POST'])]
    public function owner(Request $request): JsonResponse
    {
        $token = Body::read($request, static fn (Cursor $body): string => $body->at('token')->string(100));
        $account = $this->link->owner($token);

        return new JsonResponse(['username' => $account->username, 'name' => $account->name]);
    }

    /** @throws ExpectedError */
    #[Route('/api/password-link', name: 'redeem_password_link', methods: ['PUT'])]
    public function redeem(Request $request): JsonResponse
    {
        [$token, $password] = Body::read($request, static fn (Cursor $body): array => [
            $body->at('token')->string(100),
            $body->at('password')->string(),
        ]);
        $hasher = $this->hashers->getPasswordHasher(SignedIn::class);
        $account = $this->link->redeem($token, $password, $hasher->hash(...));

        return new JsonResponse(['username' => $account->username, 'name' => $account->name]);
    }

    /** @throws ExpectedError */
    #[Route('/api/forgotten-password', name: 'forgotten_password', methods: ['POST'])]
    public function forgotten(Request $request): Response
    {
        $username = Body::read($request, static fn (Cursor $body): string => $body->at('username')->string(60));
        $this->mail->forgotten(Username::typed($username), $request->getClientIp() ?? '');

        return new Response(status: Response::HTTP_NO_CONTENT);
    }
}
