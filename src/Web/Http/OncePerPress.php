<?php

declare(strict_types=1);

namespace FreshTack\Web\Http;

use FreshTack\Core\ExpectedError;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Shop\Press\Answer;
use FreshTack\Shop\Press\AnswerOnce;
use FreshTack\Shop\Press\Press;
use FreshTack\Web\Security\SignedIn;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\ControllerArgumentsEvent;

/** Puts the controllers that say `Once` behind their Idempotency-Key; who may call them was looked at before. */
#[AsEventListener(priority: -100)]
final readonly class OncePerPress
{
    public const HEADER = 'Idempotency-Key';
    private const SHAPE = '/^[A-Za-z0-9_-]{16,64}$/';

    public function __construct(private AnswerOnce $once, private Security $security)
    {
    }

    /** @throws InvalidDocument if the key can't be one */
    public function __invoke(ControllerArgumentsEvent $event): void
    {
        $once = $event->getAttributes(Once::class)[0] ?? null;
        $press = null === $once ? null : $this->press($event->getRequest());
        if (null === $once || null === $press) {
            return;
        }
        [$controller, $arguments] = [$event->getController(), $event->getArguments()];
        $event->setArguments([]);
        $event->setController(fn (): Response => $this->answered($press, $once, static fn (): mixed => $controller(...$arguments)));
    }

    /** @throws InvalidDocument */
    private function press(Request $request): ?Press
    {
        $key = $request->headers->get(self::HEADER);
        $user = $this->security->getUser();
        if (null === $key || !$user instanceof SignedIn) {
            return null;
        }
        if (1 !== preg_match(self::SHAPE, $key)) {
            throw InvalidDocument::at('', 'An Idempotency-Key is 16 to 64 letters, digits, _ and -.');
        }
        $asked = hash('sha256', $request->getMethod().' '.$request->getRequestUri()."\n".$request->getContent());

        return new Press($user->account->username, $key, $asked);
    }

    /**
     * @param \Closure(): mixed $controller
     *
     * @throws ExpectedError
     */
    private function answered(Press $press, Once $once, \Closure $controller): Response
    {
        $work = static function () use ($controller): Answer {
            $response = $controller();
            $response instanceof Response || throw new \LogicException('A controller answers with a response.');

            return new Answer($response->getStatusCode(), (string) $response->getContent());
        };
        $answer = $once->outside ? $this->once->outside($press, $work) : $this->once->inOneUnit($press, $work);

        return '' === $answer->body ? new Response(status: $answer->status) : JsonResponse::fromJsonString($answer->body, $answer->status);
    }
}
