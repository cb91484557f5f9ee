<?php

declare(strict_types=1);

namespace FreshTack\Shop\Board;

use FreshTack\Shop\NotFound;
use FreshTack\Shop\Order\OrderFile;
use FreshTack\Shop\Order\Orders;
use FreshTack\Shop\Register\Register;

/** All that is written down of one engine. */
final readonly class ShowEngineLog
{
    public function __construct(private Register $register, private ShowBoats $boats, private Orders $orders)
    {
    }

    /** @throws NotFound */
    public function __invoke(int $engineId): EngineLog
    {
        $engine = $this->register->engine($engineId);
        $state = $this->boats->one($engine->boatId);
        $assessed = array_values(array_filter($state->engines, static fn (EngineAssessment $each): bool => $engineId === $each->engine->id));
        $released = array_values(array_filter($this->orders->ofBoat($engine->boatId), static fn (OrderFile $file): bool => null !== $file->record));

        return new EngineLog($state->boat, $assessed[0] ?? throw NotFound::engine($engineId), $this->register->history($engineId), $released);
    }
}
