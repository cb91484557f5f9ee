<?php

declare(strict_types=1);

namespace FreshTack\Storage\Background;

use FreshTack\Shop\Due\Background;
use Symfony\Component\Messenger\Exception\ExceptionInterface;
use Symfony\Component\Messenger\MessageBusInterface;

final readonly class MessengerBackground implements Background
{
    public function __construct(private MessageBusInterface $bus)
    {
    }

    public function reckonStale(): void
    {
        try {
            $this->bus->dispatch(new ReckonStaleDues());
        } catch (ExceptionInterface $error) {
            throw new \RuntimeException('Background work can\'t be asked for.', 0, $error);
        }
    }
}
