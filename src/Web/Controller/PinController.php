<?php

declare(strict_types=1);

namespace FreshTack\Web\Controller;

use FreshTack\Core\Reading\Cursor;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Shop\Account\HandOver;
use FreshTack\Shop\Account\Password;
use FreshTack\Shop\Account\Pin;
use FreshTack\Shop\Account\Username;
use FreshTack\Shop\Conflict;
use FreshTack\Web\Http\Body;
use FreshTack\Web\Security\SignedIn;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\PasswordHasher\Hasher\PasswordHasherFactoryInterface;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

#[AsController]
#[IsGranted('ROLE_STAFF')]
final readonly class PinController
{
    public function __construct(
        private Security $security,
        private HandOver $handOver,
        private PasswordHasherFactoryInterface $hashers,
    ) {
    }

    /** @throws InvalidDocument|Conflict */
    #[Route('/api/session/hands', name: 'hands', methods: ['POST'])]
    public function hands(Request $request): Response
    {
        [$who, $digits] = Body::read($request, static function (Cursor $body): array {
            $body->knowsOnly('username', 'pin');

            return [Username::typed($body->at('username')->string(60)), $body->at('pin')->string(4)];
        });
        $account = $this->handOver->to($who, $digits, $request->getClientIp() ?? '');

        return $this->security->login(new SignedIn($account, true), 'json_login', 'main')
            ?? throw new \LogicException('Signing in answers.');
    }

    /** @throws InvalidDocument|Conflict */
    #[Route('/api/session/pin', name: 'pin', methods: ['PUT'])]
    public function pin(Request $request, #[CurrentUser] SignedIn $user): Response
    {
        [$password, $pin] = Body::read($request, static function (Cursor $body): array {
            $body->knowsOnly('password', 'pin');
            $body->needs('pin');

            return [$body->at('password')->string(200), $body->at('pin')->optionalString(4)];
        });
        $hasher = $this->hashers->getPasswordHasher(SignedIn::class);
        $this->handOver->setPin(
            $user->account,
            null === $pin ? null : Pin::chosen($pin),
            static fn (): bool => $hasher->verify($user->account->passwordHash, $password),
            $request->getClientIp() ?? '',
        );

        return new JsonResponse(['pin' => null !== $pin]);
    }

    /** @throws InvalidDocument|Conflict */
    #[Route('/api/session/password', name: 'own_password', methods: ['PUT'])]
    public function password(Request $request, #[CurrentUser] SignedIn $user): Response
    {
        [$old, $new] = Body::read($request, static fn (Cursor $body): array => [
            $body->at('password')->string(200),
            Password::at($body->at('newPassword'), Username::typed($user->account->username)),
        ]);
        $hasher = $this->hashers->getPasswordHasher(SignedIn::class);
        $this->handOver->setPassword(
            $user->account,
            $hasher->hash($new->text),
            static fn (): bool => $hasher->verify($user->account->passwordHash, $old),
            $request->getClientIp() ?? '',
        );

        return new Response(status: Response::HTTP_NO_CONTENT);
    }
}
