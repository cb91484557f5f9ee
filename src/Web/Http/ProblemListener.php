<?php

declare(strict_types=1);

namespace FreshTack\Web\Http;

use FreshTack\Core\Bench\Obstacle;
use FreshTack\Core\ExpectedError;
use FreshTack\Core\Reading\Flaw;
use FreshTack\Core\Reading\InvalidDocument;
use FreshTack\Shop\Away;
use FreshTack\Shop\Bench\NotPrinted;
use FreshTack\Shop\Conflict;
use FreshTack\Shop\NoShop;
use FreshTack\Shop\NotFound;
use FreshTack\Shop\NotReleasable;
use FreshTack\Shop\Register\DoubtfulReading;
use FreshTack\Shop\Register\ReaderTrouble;
use FreshTack\Shop\Reminder\NotSent;
use FreshTack\Shop\Seal\SealBroken;
use Psr\Log\LoggerInterface;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Symfony\Component\Routing\Exception\MethodNotAllowedException;
use Symfony\Component\Routing\Exception\ResourceNotFoundException;
use Symfony\Component\Security\Core\Exception\AccessDeniedException;
use Symfony\Component\Security\Core\Exception\AuthenticationException;

/** Expected errors become problem details; all others a 500 that says nothing and a log line that says everything. */
#[AsEventListener(priority: 0)]
final readonly class ProblemListener
{
    private const GO_BACK = 'Go back, and choose what you wanted from the page.';

    public function __construct(private LoggerInterface $logger)
    {
    }

    public function __invoke(ExceptionEvent $event): void
    {
        $error = $event->getThrowable();
        if ($error instanceof AuthenticationException || $error instanceof AccessDeniedException) {
            return;
        }
        $answer = $this->answer($error, (string) $event->getRequest()->headers->get('X-Request-Id'));
        if ($answer->getStatusCode() >= 500) {
            // who was asking could perhaps not be found out: the security layer would take that for a sign-out
            $event->getRequest()->attributes->remove('_security_firewall_run');
        }
        $event->setResponse($answer);
        $event->allowCustomResponseCode();
    }

    private function answer(\Throwable $error, string $requestId): Response
    {
        if ($error instanceof Away) {
            $this->logger->error('Away: {message}', ['message' => $error->getMessage(), 'exception' => $error]);

            return Problem::away($error->errorKey, $error->getMessage(), $error->retryAfterSeconds);
        }
        if ($error instanceof InvalidDocument) {
            return Problem::of(422, $error->errorKey(), 1 === \count($error->flaws) ? $error->flaws[0]->message : \sprintf('%d fields have to be mended.', \count($error->flaws)), $error->flaws);
        }
        if ($error instanceof NotReleasable) {
            return Problem::of(422, $error->errorKey(), $error->getMessage(), array_map(self::obstacle(...), $error->obstacles));
        }
        if ($error instanceof DoubtfulReading) {
            return Problem::of(422, $error->errorKey(), $error->getMessage(), [new Flaw($error->pointer(), $error->getMessage())], ['canBeConfirmed' => $error->doubt->canBeConfirmed()]);
        }
        if ($error instanceof ExpectedError) {
            return Problem::of($this->status($error), $error->errorKey(), $error->getMessage());
        }
        if ($error instanceof NoShop) {
            return Problem::of(409, 'no_shop', $error->getMessage());
        }
        if ($error instanceof HttpExceptionInterface && $error->getStatusCode() < 500) {
            return Problem::of($error->getStatusCode(), 'http.'.$error->getStatusCode(), self::told($error));
        }
        $this->logger->critical('Unexpected: {message}', ['message' => $error->getMessage(), 'exception' => $error]);

        return Problem::of(500, 'broken', \sprintf('Something broke on our side. Nothing was changed. Try again; if it stays, tell the manager this number: %s', '' === $requestId ? 'none' : $requestId));
    }

    private static function told(HttpExceptionInterface $error): string
    {
        return match (true) {
            $error->getPrevious() instanceof ResourceNotFoundException => 'There is nothing at this address. '.self::GO_BACK,
            $error->getPrevious() instanceof MethodNotAllowedException => 'This address can\'t be used like that. '.self::GO_BACK,
            '' === $error->getMessage() => 'This can\'t be answered.',
            default => $error->getMessage(),
        };
    }

    private function status(ExpectedError $error): int
    {
        return match (true) {
            $error instanceof NotFound => 404,
            $error instanceof Conflict, $error instanceof SealBroken => 409,
            $error instanceof ReaderTrouble, $error instanceof NotSent, $error instanceof NotPrinted => 502,
            default => 422,
        };
    }

    /** A step by its id, what can be explained by what it deviates in, an engine that is not whole by its place. */
    private static function obstacle(Obstacle $obstacle): Flaw
    {
        return new Flaw(match (true) {
            null !== $obstacle->deviation() => '/explained/'.$obstacle->deviation(),
            \in_array($obstacle->kind, ['unfit', 'level'], true) => '/unfit/'.$obstacle->at,
            default => '/steps/'.$obstacle->at,
        }, $obstacle->message);
    }
}
