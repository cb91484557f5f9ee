<?php

declare(strict_types=1);

namespace FreshTack\Web\Http;

use Psr\Clock\ClockInterface;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\ResponseEvent;

/** Tells with every answer what time it is in the shop: the clock of a tablet may be wrong, and rests are counted by it. */
#[AsEventListener]
final readonly class ShopTime
{
    public function __construct(private ClockInterface $clock)
    {
    }

    public function __invoke(ResponseEvent $event): void
    {
        $event->getResponse()->headers->set('X-Shop-Time', $this->clock->now()->format(\DATE_ATOM));
    }
}
