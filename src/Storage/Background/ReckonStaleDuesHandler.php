<?php

declare(strict_types=1);

namespace FreshTack\Storage\Background;

use FreshTack\Shop\Conflict;
use FreshTack\Shop\Due\ReckonStale;
use Symfony\Component\Messenger\Attribute\AsMessageHandler;

#[AsMessageHandler]
final readonly class ReckonStaleDuesHandler
{
    public function __construct(private ReckonStale $reckon)
    {
    }

    /** @throws Conflict and is tried again then */
    public function __invoke(ReckonStaleDues $message): void
    {
        ($this->reckon)();
    }
}
