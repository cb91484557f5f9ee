<?php

declare(strict_types=1);

namespace FreshTack\Web\Http;

use Monolog\Attribute\AsMonologProcessor;
use Monolog\LogRecord;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\RequestStack;
use Symfony\Component\HttpKernel\Event\ResponseEvent;

/** The request's number, in every log line and in every answer. */
#[AsMonologProcessor]
#[AsEventListener(event: ResponseEvent::class, method: 'onResponse')]
final readonly class RequestIds
{
    public function __construct(private RequestStack $requests)
    {
    }

    public function __invoke(LogRecord $record): LogRecord
    {
        $record->extra['request_id'] = $this->requests->getMainRequest()?->headers->get('X-Request-Id');

        return $record;
    }

    public function onResponse(ResponseEvent $event): void
    {
        $id = $event->getRequest()->headers->get('X-Request-Id');
        if (null !== $id) {
            $event->getResponse()->headers->set('X-Request-Id', $id);
        }
        $event->getResponse()->headers->set('Cache-Control', 'no-store');
        $event->getResponse()->headers->set('X-Content-Type-Options', 'nosniff');
    }
}
