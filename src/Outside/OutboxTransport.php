<?php

declare(strict_types=1);

namespace FreshTack\Outside;

use FreshTack\Shop\Reminder\NotSent;
use Psr\EventDispatcher\EventDispatcherInterface;
use Symfony\Component\Mailer\Exception\TransportException;
use Symfony\Component\Mailer\SentMessage;
use Symfony\Component\Mailer\Transport\AbstractTransport;

/** Carries mail no farther than the outbox folder: `outbox://default`. */
final class OutboxTransport extends AbstractTransport
{
    public function __construct(private readonly OutboxFolder $folder, ?EventDispatcherInterface $dispatcher = null)
    {
        parent::__construct($dispatcher);
    }

    public function __toString(): string
    {
        return 'outbox://default';
    }

    protected function doSend(SentMessage $message): void
    {
        try {
            $this->folder->put('eml', $message->toString());
        } catch (NotSent $error) {
            throw new TransportException($error->getMessage(), 0, $error);
        }
    }
}
