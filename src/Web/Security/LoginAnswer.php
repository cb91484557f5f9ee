<?php

declare(strict_types=1);

namespace FreshTack\Web\Security;

use FreshTack\Shop\Account\LoginThrottle;
use FreshTack\Shop\Account\Username;
use FreshTack\Web\Http\Problem;
use FreshTack\Web\View\AccountView;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\PasswordHasher\Hasher\PasswordHasherFactoryInterface;
use Symfony\Component\Security\Core\Authentication\Token\TokenInterface;
use Symfony\Component\Security\Core\Exception\AccessDeniedException;
use Symfony\Component\Security\Core\Exception\AuthenticationException;
use Symfony\Component\Security\Core\Exception\UserNotFoundException;
use Symfony\Component\Security\Http\Authentication\AuthenticationFailureHandlerInterface;
use Symfony\Component\Security\Http\Authentication\AuthenticationSuccessHandlerInterface;
use Symfony\Component\Security\Http\Authorization\AccessDeniedHandlerInterface;
use Symfony\Component\Security\Http\EntryPoint\AuthenticationEntryPointInterface;

/** Every answer of the security layer, in the same form as all others. */
final readonly class LoginAnswer implements AuthenticationSuccessHandlerInterface, AuthenticationFailureHandlerInterface, AuthenticationEntryPointInterface, AccessDeniedHandlerInterface
{
    /** Of nobody's password: looking at it takes as long as at somebody's. */
    private const NOBODY = '$2y$11$bA.321lZJQ8.6vLeSTLDMuaK9f8g1yZdcU/5duYF19LPOMcMjo82C';

    public function __construct(private LoginThrottle $throttle, private PasswordHasherFactoryInterface $hashers)
    {
    }

    public function onAuthenticationSuccess(Request $request, TokenInterface $token): Response
    {
        $user = $token->getUser();
        if (!$user instanceof SignedIn) {
            throw new \LogicException('Signed in as somebody who is nobody.');
        }
        $this->throttle->succeeded(Username::typed($user->getUserIdentifier()), $request->getClientIp() ?? '');

        return new JsonResponse(AccountView::of($user->account));
    }

    public function onAuthenticationFailure(Request $request, AuthenticationException $exception): Response
    {
        if ($exception instanceof SlowDown) {
            $answer = Problem::of(Response::HTTP_TOO_MANY_REQUESTS, 'login.slow_down', \sprintf('Too many failed tries. Try again in %d s.', $exception->seconds));
            $answer->headers->set('Retry-After', (string) $exception->seconds);

            return $answer;
        }
        if ($exception instanceof LockedOut) {
            return Problem::of(
                Response::HTTP_UNAUTHORIZED,
                'login.locked',
                'This account is locked out. Whoever runs the server can let it in again.',
            );
        }
        if ($this->isUnknown($exception)) {
            $this->hashers->getPasswordHasher(SignedIn::class)->verify(self::NOBODY, LoginGuard::password($request));
        }
        $this->throttle->failed(LoginGuard::username($request), $request->getClientIp() ?? '');

        return Problem::of(Response::HTTP_UNAUTHORIZED, 'login.wrong', 'User name and password don\'t belong together. Check both; capital letters count.');
    }

    private function isUnknown(\Throwable $error): bool
    {
        return $error instanceof UserNotFoundException || (null !== $error->getPrevious() && $this->isUnknown($error->getPrevious()));
    }

    public function start(Request $request, ?AuthenticationException $authException = null): Response
    {
        return Problem::of(Response::HTTP_UNAUTHORIZED, 'login.needed', 'Please sign in. What you typed is kept.');
    }

    public function handle(Request $request, AccessDeniedException $accessDeniedException): Response
    {
        return Problem::of(Response::HTTP_FORBIDDEN, 'role.not_yours', 'Your role may not do this. Ask the service manager.');
    }
}
